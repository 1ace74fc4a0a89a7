import java.util.*;

interface LevelWatcher {
    void levelIs(int centimetres);
}

class Lamp implements LevelWatcher {
    int shown;

    public void levelIs(int c) {
        shown = c;
        System.out.println("lamp " + c);
    }
}

class Horn implements LevelWatcher {
    boolean loud;

    public void levelIs(int c) {
        loud = c > 300;
    }
}

class Gauge {
    private final List<LevelWatcher> watchers = new ArrayList<>();
    private int level;

    void add(LevelWatcher w) {
        watchers.add(w);
    }

    void remove(LevelWatcher w) {
        watchers.remove(w);
    }

    void measure(int now) {
        int before = level;
        level = now;
        tell(before);
    }

    private void tell(int value) {
        for (LevelWatcher w : watchers) w.levelIs(value);
    }
}
