import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.ToLongFunction;

record Sendung(String nummer, int kilo, int meilen) {
    Sendung {
        if (!nummer.matches("S\\d{4}")) throw new IllegalArgumentException("Nummer: " + nummer);
        if (kilo <= 0 || kilo > 24000) throw new IllegalArgumentException("Kilo: " + kilo);
    }
}

class NachGewicht implements ToLongFunction<Sendung> {
    private final long centJeKilo;
    NachGewicht(long centJeKilo) { this.centJeKilo = centJeKilo; }
    @Override public long applyAsLong(Sendung s) { return centJeKilo * s.kilo(); }
}

class NachStrecke implements ToLongFunction<Sendung> {
    @Override public long applyAsLong(Sendung s) { return 35L * s.meilen() + 500; }
}

public class Frachtrechner {
    private ToLongFunction<Sendung> tarif;
    private final Map<String, Long> rechnungen = new LinkedHashMap<>();

    Frachtrechner(ToLongFunction<Sendung> tarif) { this.tarif = Objects.requireNonNull(tarif, "tarif"); }

    void setzeTarif(ToLongFunction<Sendung> neu) { this.tarif = Objects.requireNonNull(neu, "tarif"); }

    long berechne(Sendung s) {
        long cent = tarif.applyAsLong(s);
        if (s.kilo() > 1000) cent += 2500;
        rechnungen.put(s.nummer(), cent);
        return cent;
    }

    long summe() { return rechnungen.values().stream().mapToLong(Long::longValue).sum(); }

    public static void main(String[] args) {
        Frachtrechner r = new Frachtrechner(new NachGewicht(12));
        System.out.println(r.berechne(new Sendung("S0001", 400, 20)));
        r.setzeTarif(new NachStrecke());
        System.out.println(r.berechne(new Sendung("S0002", 1400, 80)));
        r.setzeTarif(s -> 990);
        System.out.println(r.berechne(new Sendung("S0003", 2, 5)) + " " + r.summe());
    }
}
