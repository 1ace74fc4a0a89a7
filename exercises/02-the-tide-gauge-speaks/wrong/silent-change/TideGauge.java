import java.util.ArrayList;
import java.util.List;

public class TideGauge {
    private final List<TideListener> listeners = new ArrayList<>();
    private int level;

    public void addListener(TideListener l) {
        listeners.add(l);
    }

    public void removeListener(TideListener l) {
        listeners.remove(l);
    }

    public void setLevel(int level) {
        this.level = level;
        fire();
    }

    public void correct(int by) {
        level = level + by;
    }

    private void fire() {
        for (TideListener l : listeners) {
            l.tide(level);
        }
    }
}

interface TideListener {
    void tide(int level);
}

class Board implements TideListener {
    int shown;

    public void tide(int level) {
        shown = level;
    }
}

class Horn implements TideListener {
    public void tide(int level) {
        if (level > 500) System.out.println("horn");
    }
}
