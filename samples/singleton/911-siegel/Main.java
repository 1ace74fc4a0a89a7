import java.util.*;
import java.util.concurrent.atomic.AtomicReference;

final class Siegelamt {
    private static final AtomicReference<Siegelamt> AMT = new AtomicReference<>();
    private final Map<Integer, String> vergeben = new TreeMap<>();
    private int naechste = 1000;

    private Siegelamt() { }

    static Siegelamt amt() {
        Siegelamt da = AMT.get();
        if (da != null) return da;
        AMT.compareAndSet(null, new Siegelamt());
        return AMT.get();
    }

    synchronized int vergib(String schiff) {
        if (vergeben.containsValue(schiff)) throw new IllegalStateException(schiff + " hat schon ein Siegel");
        vergeben.put(++naechste, schiff);
        return naechste;
    }
    synchronized Optional<String> wem(int nummer) { return Optional.ofNullable(vergeben.get(nummer)); }
    synchronized int anzahl() { return vergeben.size(); }
}

class Werft {
    private final List<Integer> siegel = new ArrayList<>();
    void tauft(String name) { siegel.add(Siegelamt.amt().vergib(name)); }
    List<Integer> siegel() { return siegel; }
}

class Zoll {
    private final Siegelamt amt = Siegelamt.amt();
    String kontrolle(int nummer) { return amt.wem(nummer).orElse("unbekannt"); }
}

public class Main {
    public static void main(String[] args) {
        Werft w = new Werft();
        w.tauft("Kranich");
        w.tauft("Möwe");
        Zoll z = new Zoll();
        for (int s : w.siegel()) System.out.println(s + " " + z.kontrolle(s));
        System.out.println(Siegelamt.amt().anzahl());
    }
}
