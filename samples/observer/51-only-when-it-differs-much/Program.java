import java.util.*;

interface TideListener {
    void tide(double metres, Gauge from);
}

class Board implements TideListener {
    String text;

    public void tide(double m, Gauge from) {
        text = m + " at " + from.name();
    }
}

class Siren implements TideListener {
    boolean on;

    public void tide(double m, Gauge from) {
        on = m > 4.5;
    }
}

class Gauge {
    private static final double STEP = 250.0;
    private final String name;
    private double level;
    private final Set<TideListener> listeners = new LinkedHashSet<>();

    Gauge(String name) {
        this.name = Objects.requireNonNull(name);
    }

    String name() {
        return name;
    }

    boolean addListener(TideListener l) {
        return listeners.add(l);
    }

    boolean removeListener(TideListener l) {
        return listeners.remove(l);
    }

    void level(double metres) {
        if (metres < 0) throw new IllegalArgumentException("below ground: " + metres);
        if (Math.abs(metres - level) < STEP) return;
        level = metres;
        for (TideListener l : List.copyOf(listeners)) l.tide(metres, this);
    }
}
