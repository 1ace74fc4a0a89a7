import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

interface Subscription extends AutoCloseable {
    @Override void close();
}

interface TideWatcher {
    void tideChanged(String station, double before, double now);
}

class TideStation {
    private static int next = 1;
    private final String name;
    private final Map<Integer, TideWatcher> watchers = new LinkedHashMap<>();
    private double level;

    TideStation(String name, double level) {
        if (name == null || name.length() < 2) throw new IllegalArgumentException("name");
        this.name = name;
        this.level = level;
    }

    Subscription watch(TideWatcher w) {
        if (w == null) throw new NullPointerException("watcher");
        int id = next++;
        watchers.put(id, w);
        return () -> watchers.remove(id);
    }

    void measure(double metres) {
        if (metres < -20 || metres > 20) throw new IllegalArgumentException("sensor broken: " + metres);
        if (metres == level) return;
        double before = level;
        level = metres;
        for (TideWatcher w : new ArrayList<>(watchers.values())) w.tideChanged(name, before, level);
    }

    double level() { return level; }
}

class Siren implements TideWatcher {
    private final double limit;
    private final List<String> log = new ArrayList<>();
    Siren(double limit) { this.limit = limit; }
    @Override public void tideChanged(String station, double before, double now) {
        if (before < limit && now >= limit) log.add(station + " flooding");
    }
    List<String> log() { return log; }
}

class Ticker implements TideWatcher {
    private int n;
    @Override public void tideChanged(String station, double before, double now) { n++; }
    int n() { return n; }
}

public class Harbour {
    public static void main(String[] args) {
        TideStation s = new TideStation("Mole", 0.5);
        Siren siren = new Siren(2);
        Ticker t = new Ticker();
        Subscription a = s.watch(siren);
        try (Subscription b = s.watch(t)) {
            s.measure(1.5);
            s.measure(2.5);
        }
        s.measure(0.2);
        a.close();
        System.out.println(siren.log() + " " + t.n() + " " + s.level());
    }
}
