import java.util.*;

/** What the harbour office works with. */
interface WindSource {
    OptionalInt beaufort(String station);
    Set<String> stations();
}

/** From the weather people; speeds in knots by number of station. Not ours to change. */
final class MetOfficeFeed {
    private final int[] ids;
    private final double[] knots;

    MetOfficeFeed(int[] ids, double[] knots) {
        if (ids.length != knots.length) throw new IllegalArgumentException("lengths differ");
        this.ids = ids.clone();
        this.knots = knots.clone();
    }
    int count() { return ids.length; }
    int idAt(int i) { return ids[i]; }
    double knotsOf(int id) {
        for (int i = 0; i < ids.length; i++) if (ids[i] == id) return knots[i];
        return Double.NaN;
    }
}

class MetOfficeWind implements WindSource {
    private static final double[] LIMITS = {1, 4, 7, 11, 17, 22, 28, 34, 41, 48, 56, 64};
    private final MetOfficeFeed feed;
    private final Map<String, Integer> names;

    MetOfficeWind(MetOfficeFeed feed, Map<String, Integer> names) {
        this.feed = feed;
        this.names = Map.copyOf(names);
    }

    @Override
    public OptionalInt beaufort(String station) {
        Integer id = names.get(station);
        if (id == null) return OptionalInt.empty();
        double kn = feed.knotsOf(id);
        if (Double.isNaN(kn)) return OptionalInt.empty();
        int b = 0;
        while (b < LIMITS.length && kn >= LIMITS[b]) b++;
        return OptionalInt.of(b);
    }

    @Override
    public Set<String> stations() {
        Set<String> known = new TreeSet<>();
        for (Map.Entry<String, Integer> e : names.entrySet()) {
            for (int i = 0; i < feed.count(); i++) if (feed.idAt(i) == e.getValue()) known.add(e.getKey());
        }
        return known;
    }
}

/** Read by eye from the mast. */
class HandWritten implements WindSource {
    private final Map<String, Integer> seen = new HashMap<>();
    void note(String station, int beaufort) {
        if (beaufort < 0 || beaufort > 12) throw new IllegalArgumentException("Beaufort is 0 to 12");
        seen.put(station, beaufort);
    }
    @Override public OptionalInt beaufort(String station) {
        return seen.containsKey(station) ? OptionalInt.of(seen.get(station)) : OptionalInt.empty();
    }
    @Override public Set<String> stations() { return seen.keySet(); }
}

class FerryDesk {
    private final List<WindSource> sources;
    FerryDesk(WindSource... sources) { this.sources = Arrays.asList(sources); }

    boolean mayLeave(String station) {
        int worst = -1;
        for (WindSource s : sources) {
            OptionalInt b = s.beaufort(station);
            if (b.isPresent()) worst = Math.max(worst, b.getAsInt());
        }
        if (worst < 0) throw new NoSuchElementException("nobody knows the wind at " + station);
        return worst < 8;
    }
}

public class Main {
    public static void main(String[] args) {
        MetOfficeFeed feed = new MetOfficeFeed(new int[] {14, 15}, new double[] {12.5, 44});
        HandWritten mast = new HandWritten();
        mast.note("North Mole", 3);
        FerryDesk desk = new FerryDesk(new MetOfficeWind(feed, Map.of("North Mole", 14, "Outer Bank", 15)), mast);
        System.out.println(desk.mayLeave("North Mole"));
        System.out.println(desk.mayLeave("Outer Bank"));
    }
}
