import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

interface BestandsHoerer {
    void geaendert(BestandsEreignis e);
}

record BestandsEreignis(String artikel, int vorher, int nachher) {}

class Bestand {
    private final Map<String, Integer> mengen = new HashMap<>();
    private final Map<String, Integer> vorgemerkt = new HashMap<>();
    private final Set<BestandsHoerer> hoerer = new LinkedHashSet<>();

    boolean hoere(BestandsHoerer h) { return hoerer.add(h); }
    boolean hoereAuf(BestandsHoerer h) { return hoerer.remove(h); }

    void merkeVor(String artikel, int delta) {
        if (artikel.isBlank()) throw new IllegalArgumentException("Artikel fehlt");
        vorgemerkt.merge(artikel, delta, Integer::sum);
    }

    void verwirf() { vorgemerkt.clear(); }

    void uebernimm() {
        List<BestandsEreignis> ereignisse = new ArrayList<>();
        vorgemerkt.forEach((artikel, delta) -> {
            int vorher = mengen.getOrDefault(artikel, 0);
            if (vorher + delta < 0) throw new IllegalStateException("zu wenig " + artikel);
            if (delta != 0) {
                mengen.put(artikel, vorher + delta);
                ereignisse.add(new BestandsEreignis(artikel, vorher, vorher + delta));
            }
        });
        vorgemerkt.clear();
        for (BestandsEreignis e : ereignisse) for (BestandsHoerer h : new ArrayList<>(hoerer)) h.geaendert(e);
    }

    int menge(String artikel) { return mengen.getOrDefault(artikel, 0); }
}

class Nachbestellung implements BestandsHoerer {
    private final List<String> bestellt = new ArrayList<>();
    public void geaendert(BestandsEreignis e) { if (e.nachher() < 5 && e.nachher() < e.vorher()) bestellt.add(e.artikel()); }
    List<String> bestellt() { return bestellt; }
}

class Chronik implements BestandsHoerer {
    private final StringBuilder text = new StringBuilder();
    public void geaendert(BestandsEreignis e) { text.append(e.artikel()).append(' ').append(e.nachher()).append('\n'); }
    String text() { return text.toString(); }
}

public class Lagerbestand {
    public static void main(String[] args) {
        Bestand b = new Bestand();
        Chronik c = new Chronik();
        Nachbestellung n = new Nachbestellung();
        b.hoere(c);
        b.hoere(n);
        b.merkeVor("Seil", 9);
        b.merkeVor("Fender", 12);
        b.uebernimm();
        b.merkeVor("Seil", -6);
        b.uebernimm();
        b.hoereAuf(c);
        b.merkeVor("Fender", 1);
        b.uebernimm();
        System.out.println(c.text() + n.bestellt() + b.menge("Fender"));
    }
}
