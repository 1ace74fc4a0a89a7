import java.util.*;
import java.util.function.IntFunction;

interface Boot {
    double miete(int h);

    String typ();
}

record Kajak(int plaetze) implements Boot {
    public double miete(int h) {
        return 8.0 * h;
    }

    public String typ() {
        return "Kajak";
    }
}

record Segel(int m2) implements Boot {
    public double miete(int h) {
        return 30 + h * m2;
    }

    public String typ() {
        return "Segelboot";
    }
}

record Tret() implements Boot {
    public double miete(int h) {
        return h <= 1 ? 12 : 12 + 10 * (h - 1);
    }

    public String typ() {
        return "Tretboot";
    }
}

final class Bootshaus {
    private record Eintrag(String kennung, IntFunction<Boot> bau) {}

    private static final List<Eintrag> ALLE =
            List.of(new Eintrag("K", Kajak::new), new Eintrag("S", Segel::new), new Eintrag("T", n -> new Tret()));

    static Boot hole(String k, int n) {
        return ALLE.stream()
                .filter(e -> e.kennung().equals(k))
                .findFirst()
                .map(e -> e.bau().apply(n))
                .orElseThrow(() -> new IllegalArgumentException("kein Boot " + k));
    }
}

class Verleih {
    double tag(Map<String, Integer> wunsch) {
        double s = 0;
        for (var e : wunsch.entrySet())
            s += Bootshaus.hole(e.getKey(), e.getValue()).miete(3);
        return s;
    }
}
