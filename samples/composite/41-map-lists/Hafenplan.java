import java.util.*;

abstract class Bereich {
    final String name;

    Bereich(String n) {
        name = n;
    }

    abstract int plaetze();

    abstract Optional<Bereich> finde(String n);
}

class Steg extends Bereich {
    int laenge;

    Steg(String n, int l) {
        super(n);
        laenge = l;
    }

    int plaetze() {
        return laenge / 10;
    }

    Optional<Bereich> finde(String n) {
        return n.equals(name) ? Optional.of(this) : Optional.empty();
    }
}

class Becken extends Bereich {
    private final Map<String, List<Bereich>> nachArt = new TreeMap<>();

    Becken(String n) {
        super(n);
    }

    void nimm(String art, Bereich b) {
        nachArt.computeIfAbsent(art, k -> new ArrayList<>()).add(b);
    }

    int plaetze() {
        int s = 0;
        for (List<Bereich> l : nachArt.values()) for (Bereich b : l) s += b.plaetze();
        return s;
    }

    Optional<Bereich> finde(String n) {
        if (name.equals(n)) return Optional.of(this);
        for (List<Bereich> l : nachArt.values())
            for (Bereich b : l) {
                Optional<Bereich> o = b.finde(n);
                if (o.isPresent()) return o;
            }
        return Optional.empty();
    }
}
