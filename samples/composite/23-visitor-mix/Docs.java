import java.util.*;

abstract class Beleg {
    abstract long cent();

    void add(Beleg b) {}

    List<Beleg> teile() {
        return Collections.emptyList();
    }
}

class Quittung extends Beleg {
    private final long c;

    Quittung(long c) {
        this.c = c;
    }

    long cent() {
        return c;
    }
}

class Gutschrift extends Beleg {
    private final long c;

    Gutschrift(long c) {
        this.c = c;
    }

    long cent() {
        return -c;
    }
}

class Mappe extends Beleg {
    private List<Beleg> teile = new ArrayList<>();

    @Override
    void add(Beleg b) {
        teile.add(b);
    }

    @Override
    List<Beleg> teile() {
        return teile;
    }

    @Override
    long cent() {
        long s = 0;
        for (Beleg b : teile()) {
            s += b.cent();
        }
        return s;
    }
}

class Betrag {
    private final long c;

    Betrag(long c) {
        this.c = c;
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Betrag && ((Betrag) o).c == c;
    }

    @Override
    public int hashCode() {
        return (int) c;
    }
}
