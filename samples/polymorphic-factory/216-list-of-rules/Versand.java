import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;

interface Sendung {
    double porto();
    String art();
}

record Paket(int gramm, String ziel) {
    Paket {
        if (gramm < 1 || gramm > 31500) throw new IllegalArgumentException("Gewicht: " + gramm);
        if (!ziel.matches("\\d{5}")) throw new IllegalArgumentException("Ziel: " + ziel);
    }
}

class Brief implements Sendung {
    private final Paket p;
    Brief(Paket p) { this.p = p; }
    public double porto() { return 0.85 + p.gramm() / 500.0; }
    public String art() { return "Brief"; }
}

class Paeckchen implements Sendung {
    private final Paket p;
    Paeckchen(Paket p) { this.p = p; }
    public double porto() { return 3.99 + p.gramm() / 2000.0; }
    public String art() { return "Paeckchen"; }
}

class Fracht implements Sendung {
    private final Paket p;
    Fracht(Paket p) { this.p = p; }
    public double porto() { return 12 + p.gramm() / 1000.0; }
    public String art() { return "Fracht nach " + p.ziel(); }
}

class Annahme {
    private record Regel(Predicate<Paket> passt, Function<Paket, Sendung> macht) {}

    private final List<Regel> regeln = new ArrayList<>();

    Annahme() {
        regeln.add(new Regel(p -> p.gramm() <= 500, Brief::new));
        regeln.add(new Regel(p -> p.gramm() <= 2000, Paeckchen::new));
        regeln.add(new Regel(p -> true, Fracht::new));
    }

    Sendung nimmAn(Paket p) {
        return regeln.stream()
                .filter(r -> r.passt().test(p))
                .findFirst()
                .map(r -> r.macht().apply(p))
                .orElseThrow(() -> new IllegalStateException("keine Regel"));
    }
}

public class Versand {
    public static void main(String[] args) {
        Annahme a = new Annahme();
        for (Paket p : List.of(new Paket(80, "26721"), new Paket(1500, "24103"), new Paket(9000, "18055"))) {
            Sendung s = a.nimmAn(p);
            System.out.println(s.art() + " " + s.porto());
        }
    }
}
