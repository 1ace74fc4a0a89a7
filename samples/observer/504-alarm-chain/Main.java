import java.util.*;
import java.util.concurrent.*;

final class Reading {
    private final String buoy; private final double metres;
    Reading(String buoy, double metres) { this.buoy = buoy; this.metres = metres; }
    String buoy() { return buoy; }
    double metres() { return metres; }
}
interface WaveListener { void onWave(Reading reading); }
class WaveBuoy {
    private final Set<WaveListener> listeners = new CopyOnWriteArraySet<>();
    private final String name;
    private double last = Double.NaN;
    WaveBuoy(String name) {
        if (!name.startsWith("B-")) throw new IllegalArgumentException("buoys are called B-something");
        this.name = name;
    }
    AutoCloseable watch(WaveListener l) {
        listeners.add(Objects.requireNonNull(l));
        return () -> listeners.remove(l);
    }
    void measured(double metres) {
        if (metres < 0) throw new IllegalArgumentException("below zero");
        if (metres == last) return;
        last = metres;
        publish(new Reading(name, metres));
    }
    private void publish(Reading r) {
        for (WaveListener l : listeners) l.onWave(r);
    }
}
class StormBell implements WaveListener {
    private final double from; private int rings;
    StormBell(double from) { this.from = from; }
    public void onWave(Reading r) { if (r.metres() >= from) rings++; }
    int rings() { return rings; }
}
class Logbook implements WaveListener {
    private final Deque<String> lines = new ArrayDeque<>();
    public void onWave(Reading r) { lines.addFirst(r.buoy() + " " + r.metres()); if (lines.size() > 10) lines.removeLast(); }
    String latest() { return lines.isEmpty() ? "nothing yet" : lines.peekFirst(); }
}
class Coast {
    public static void main(String[] args) throws Exception {
        WaveBuoy b = new WaveBuoy("B-7");
        StormBell bell = new StormBell(3);
        Logbook log = new Logbook();
        AutoCloseable w = b.watch(bell);
        b.watch(log);
        b.measured(2); b.measured(4);
        w.close();
        b.measured(5);
        System.out.println(bell.rings() + " " + log.latest());
    }
}
