import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;

record Kasse(Map<String, Long> konten) {
    Kasse {
        konten = Map.copyOf(konten);
        konten.forEach((k, v) -> { if (v < 0) throw new IllegalStateException("Konto " + k + " ueberzogen"); });
    }
    Kasse mit(String konto, long delta) {
        if (!konten.containsKey(konto)) throw new IllegalArgumentException("kein Konto " + konto);
        Map<String, Long> neu = new HashMap<>(konten);
        neu.merge(konto, delta, Long::sum);
        return new Kasse(neu);
    }
    long stand(String konto) { return konten.getOrDefault(konto, 0L); }
}

interface Vorgang {
    Kasse anwenden(Kasse k);
    default String name() { return getClass().getSimpleName(); }
}

record Einzahlung(String konto, long cent) implements Vorgang {
    Einzahlung { if (cent <= 0) throw new IllegalArgumentException("Betrag"); }
    @Override public Kasse anwenden(Kasse k) { return k.mit(konto, cent); }
}

record Umbuchung(String von, String nach, long cent) implements Vorgang {
    @Override public Kasse anwenden(Kasse k) { return k.mit(von, -cent).mit(nach, cent); }
}

class Hauptbuch {
    private final Deque<Kasse> staende = new ArrayDeque<>();
    private final Deque<Vorgang> vorgaenge = new ArrayDeque<>();
    Hauptbuch(Kasse anfang) { staende.push(Objects.requireNonNull(anfang)); }
    void buche(Vorgang v) {
        staende.push(v.anwenden(staende.peek()));
        vorgaenge.push(v);
    }
    void storniere() {
        if (vorgaenge.isEmpty()) throw new IllegalStateException("nichts gebucht");
        vorgaenge.pop();
        staende.pop();
    }
    Kasse stand() { return staende.peek(); }
    int anzahl() { return vorgaenge.size(); }
}

public class Buchhaltung {
    public static void main(String[] args) {
        Hauptbuch h = new Hauptbuch(new Kasse(Map.of("bar", 1000L, "bank", 0L)));
        h.buche(new Einzahlung("bar", 500));
        h.buche(new Umbuchung("bar", "bank", 1200));
        System.out.println(h.stand().stand("bank") + " " + h.anzahl());
        h.storniere();
        System.out.println(h.stand().stand("bar"));
        try {
            h.buche(new Umbuchung("bar", "bank", 9999));
        } catch (IllegalStateException e) {
            System.out.println(e.getMessage());
        }
    }
}
