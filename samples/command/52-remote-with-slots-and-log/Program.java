import java.util.*;

interface Cmd {
    void run();

    void undo();
}

class Lamp {
    private boolean on;
    private final List<String> log = new ArrayList<>();

    void on() {
        on = true;
        log.add("on");
    }

    void off() {
        on = false;
        log.add("off");
    }

    boolean isOn() {
        return on;
    }
}

class LampOn implements Cmd {
    private final Lamp l;
    private boolean before;

    LampOn(Lamp l) {
        this.l = l;
    }

    public void run() {
        before = l.isOn();
        l.on();
    }

    public void undo() {
        if (!before) l.off();
    }
}

class LampOff implements Cmd {
    private final Lamp l;
    private boolean before;

    LampOff(Lamp l) {
        this.l = l;
    }

    public void run() {
        before = l.isOn();
        l.off();
    }

    public void undo() {
        if (before) l.on();
    }
}

class Remote {
    private final Cmd[] slots = new Cmd[4];
    private final Deque<Cmd> past = new ArrayDeque<>();

    void assign(int slot, Cmd c) {
        if (slot < 0 || slot >= slots.length) throw new IllegalArgumentException("slot");
        slots[slot] = c;
    }

    void press(int slot) {
        if (slots[slot] == null) return;
        slots[slot].run();
        past.push(slots[slot]);
    }

    void undo() {
        if (!past.isEmpty()) past.pop().undo();
    }
}
