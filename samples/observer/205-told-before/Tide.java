import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Set;

interface GaugeWatcher {
    void gaugeMoved(Gauge gauge);
}

class Gauge {
    private final String place;
    private int centimetres;
    private final Set<GaugeWatcher> watchers = new LinkedHashSet<>();

    Gauge(String place, int centimetres) {
        if (place.isBlank()) throw new IllegalArgumentException("place");
        this.place = place;
        this.centimetres = centimetres;
    }

    void watch(GaugeWatcher w) { watchers.add(w); }

    void unwatch(GaugeWatcher w) { watchers.remove(w); }

    void read(int newCentimetres) {
        if (newCentimetres < -300 || newCentimetres > 900) {
            throw new IllegalArgumentException("no such tide: " + newCentimetres);
        }
        if (newCentimetres != centimetres) {
            tell();
            centimetres = newCentimetres;
        }
    }

    private void tell() {
        for (GaugeWatcher w : watchers) {
            w.gaugeMoved(this);
        }
    }

    int centimetres() { return centimetres; }
    String place() { return place; }
}

class FloodBoard implements GaugeWatcher {
    private String text = "calm";
    public void gaugeMoved(Gauge g) {
        text = g.centimetres() > 250 ? "FLOOD at " + g.place() : "calm";
    }
    String text() { return text; }
}

class TideBook implements GaugeWatcher {
    private final Collection<Integer> lines = new java.util.ArrayList<>();
    public void gaugeMoved(Gauge g) { lines.add(g.centimetres()); }
    Collection<Integer> lines() { return lines; }
}

public class Tide {
    public static void main(String[] args) {
        Gauge g = new Gauge("north mole", 120);
        FloodBoard b = new FloodBoard();
        TideBook t = new TideBook();
        g.watch(b);
        g.watch(t);
        g.read(180);
        g.read(260);
        g.unwatch(b);
        g.read(90);
        System.out.println(b.text() + " " + t.lines());
    }
}
