import java.util.ArrayList;
import java.util.List;

public class Buoy {
    public int drift;
    private final List<DriftListener> listeners = new ArrayList<>();

    public void listen(DriftListener l) {
        listeners.add(l);
    }

    public void unlisten(DriftListener l) {
        listeners.remove(l);
    }

    public void move(int metres) {
        drift += metres;
        listeners.stream().forEach(l -> l.drifted(drift));
    }
}

interface DriftListener {
    void drifted(int metres);
}

class Tug implements DriftListener {
    public void drifted(int metres) {
        System.out.println("tug " + metres);
    }
}

class Chart implements DriftListener {
    private int last;

    public void drifted(int metres) {
        last = metres;
    }

    static void reset(Buoy b) {
        b.drift = 0;
    }
}
