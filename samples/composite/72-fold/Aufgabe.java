import java.util.*;
import java.util.stream.Stream;

abstract class Aufgabe {
    private final String was;

    Aufgabe(String w) {
        was = w;
    }

    String was() {
        return was;
    }

    abstract int minuten();

    abstract Stream<Aufgabe> alle();

    abstract boolean erledigt();
}

class Schritt extends Aufgabe {
    private boolean fertig;
    private final int min;

    Schritt(String w, int m) {
        super(w);
        min = m;
    }

    int minuten() {
        return min;
    }

    Stream<Aufgabe> alle() {
        return Stream.of(this);
    }

    boolean erledigt() {
        return fertig;
    }

    void hake() {
        fertig = true;
    }
}

class Projekt extends Aufgabe {
    private final Set<Aufgabe> teile = new LinkedHashSet<>();

    Projekt(String w) {
        super(w);
    }

    Projekt plus(Aufgabe a) {
        teile.add(a);
        return this;
    }

    int minuten() {
        return teile.stream().map(Aufgabe::minuten).reduce(0, Integer::sum);
    }

    Stream<Aufgabe> alle() {
        return Stream.concat(Stream.of(this), teile.stream().flatMap(Aufgabe::alle));
    }

    boolean erledigt() {
        for (Aufgabe a : teile) {
            if (!a.erledigt()) {
                return false;
            }
        }
        return true;
    }
}
