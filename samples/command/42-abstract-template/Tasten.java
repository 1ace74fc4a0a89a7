import java.util.*;

abstract class Taste {
    private int n;

    final void druck() {
        n++;
        wirkung();
    }

    protected abstract void wirkung();

    int n() {
        return n;
    }
}

class Lampe {
    boolean an;

    void schalte() {
        an = !an;
    }
}

class LichtTaste extends Taste {
    private final Lampe l;

    LichtTaste(Lampe l) {
        this.l = l;
    }

    protected void wirkung() {
        l.schalte();
    }
}

class Nichts extends Taste {
    protected void wirkung() {}
}

class Tafel {
    private final Map<Integer, Taste> t = new HashMap<>();

    void setze(int i, Taste x) {
        t.put(i, x);
    }

    void druecke(int i) {
        t.getOrDefault(i, new Nichts0()).druck();
    }

    private static class Nichts0 extends Taste {
        protected void wirkung() {}
    }
}
