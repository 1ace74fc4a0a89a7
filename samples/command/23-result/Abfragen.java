import java.util.*;

interface Abfrage<T> {
    T hole();
}

class Wetterdienst {
    private int w = 4;

    int wind() {
        return w++;
    }
}

class Windabfrage implements Abfrage<Integer> {
    private final Wetterdienst d;

    Windabfrage(Wetterdienst d) {
        this.d = d;
    }

    public Integer hole() {
        return d.wind();
    }
}

class Sturmabfrage implements Abfrage<Boolean> {
    private final Wetterdienst d;

    Sturmabfrage(Wetterdienst d) {
        this.d = d;
    }

    public Boolean hole() {
        return d.wind() > 8;
    }
}

class Funkraum {
    private Abfrage<?> letzte;

    <T> T frage(Abfrage<T> a) {
        letzte = a;
        return a.hole();
    }

    Object nochmal() {
        return letzte.hole();
    }
}
