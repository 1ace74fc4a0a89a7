import java.util.*;

interface Job {
    void perform();

    void revert();
}

class Board {
    private final List<String> lines = new ArrayList<>();

    void write(String s) {
        lines.add(s);
    }

    void wipe(String s) {
        lines.remove(s);
    }
}

class Note implements Job {
    private final Board b;
    private final String text;

    Note(Board b, String text) {
        this.b = b;
        this.text = text;
    }

    public void perform() {
        b.write(text);
    }

    public void revert() {
        b.wipe(text);
    }
}

class Wipe implements Job {
    private final Board b;

    Wipe(Board b) {
        this.b = b;
    }

    public void perform() {
        b.wipe("x");
    }

    public void revert() {
        b.write("x");
    }
}

class Desk {
    private final List<Job> done = new ArrayList<>();

    void carryOut(Job j) {
        j.perform();
        done.add(j);
    }

    void undoLast() {
        if (!done.isEmpty()) done.remove(0).revert();
    }
}
