import java.util.ArrayList;
import java.util.List;

interface Watcher {
    void shipCame(String name, int berth);
}

class Pier {
    private static final List<Watcher> watchers = new ArrayList<>();
    private final String name;
    private int taken;

    Pier(String name) {
        if (!name.startsWith("Pier ")) throw new IllegalArgumentException(name);
        this.name = name;
    }

    void add(Watcher w) { watchers.add(w); }
    void remove(Watcher w) { watchers.remove(w); }

    void moor(String ship) {
        if (taken == 4) throw new IllegalStateException(name + " is full");
        taken++;
        for (Watcher w : watchers) w.shipCame(ship, taken);
    }

    int taken() { return taken; }
}

class Board implements Watcher {
    private String text = "";
    public void shipCame(String name, int berth) { text += name + "@" + berth + " "; }
    String text() { return text; }
}

class Bell implements Watcher {
    private int rings;
    public void shipCame(String name, int berth) { rings += berth; }
    int rings() { return rings; }
}

class Day {
    public static void main(String[] args) {
        Pier north = new Pier("Pier North");
        Pier south = new Pier("Pier South");
        Board b = new Board();
        Bell bell = new Bell();
        north.add(b);
        south.add(bell);
        north.moor("Tern");
        south.moor("Gull");
        System.out.println(b.text() + bell.rings());
    }
}
