interface Action {
    void perform();
}

class Bilge {
    private int water = 50;

    void drain(int litres) {
        water -= litres;
    }
}

class PumpAction implements Action {
    private final Bilge bilge;

    PumpAction(Bilge bilge) {
        this.bilge = bilge;
    }

    public void perform() {
        bilge.drain(10);
    }
}

class Button {
    private final Action action;
    private final String label;

    Button(String label, Action action) {
        this.label = label;
        this.action = action;
    }

    void click() {
        action.perform();
    }
}

class Shortcut {
    private Action action;

    void bind(Action action) {
        this.action = action;
    }

    void typed(char key) {
        if (key == 'p') {
            action.perform();
        }
    }
}
