interface Task {
    String kind();
}

class LightTask implements Task {
    public String kind() {
        return "light";
    }
}

class BellTask implements Task {
    public String kind() {
        return "bell";
    }
}

class Lantern {
    boolean lit;

    void light() {
        lit = true;
    }
}

class Board {
    private final Lantern lantern = new Lantern();
    private int rung;

    void handle(Task t) {
        if (t.kind().equals("light")) {
            lantern.light();
        } else if (t.kind().equals("bell")) {
            rung = rung + 1;
        }
    }
}
