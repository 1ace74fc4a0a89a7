import java.util.*;

class Thermo {
    private final List<TempListener> listeners = new ArrayList<>();
    private int temp;

    Thermo() {
        listeners.add(new Heater());
        listeners.add(new Logger());
    }

    void addListener(TempListener l) {
        listeners.add(l);
    }

    void set(int t) {
        temp = t;
        for (TempListener l : listeners) l.temp(t);
    }
}

interface TempListener {
    void temp(int t);
}

class Heater implements TempListener {
    boolean on;

    public void temp(int t) {
        on = t < 18;
    }
}

class Logger implements TempListener {
    public void temp(int t) {
        System.out.println(t);
    }
}
