import java.util.*;

interface Action {
    void execute();

    void undo();
}

class Dimmer {
    private int level;

    int level() {
        return level;
    }

    void set(int l) {
        level = l;
    }
}

class SetLight implements Action {
    private final Dimmer d;
    private final int to;

    SetLight(Dimmer d, int to) {
        this.d = d;
        this.to = to;
    }

    public void execute() {
        d.set(to);
    }

    public void undo() {
        d.set(0);
    }
}

class Panel {
    private final ArrayDeque<Action> log = new ArrayDeque<>();

    void press(Action a) {
        a.execute();
        log.push(a);
    }

    void back() {
        if (!log.isEmpty()) log.pop().undo();
    }
}
