import java.util.ArrayList;
import java.util.List;

abstract class Fahrt {
    private final String linie;
    private final List<String> halte;
    protected Fahrt(Bauer<?> b) {
        this.linie = b.linie;
        this.halte = List.copyOf(b.halte);
    }
    String linie() { return linie; }
    List<String> halte() { return halte; }

    abstract static class Bauer<T extends Bauer<T>> {
        private String linie;
        private final List<String> halte = new ArrayList<>();
        protected abstract T self();
        T linie(String linie) {
            if (!linie.matches("L\\d+")) throw new IllegalArgumentException("Linie " + linie);
            this.linie = linie;
            return self();
        }
        T halt(String ort) {
            if (halte.contains(ort)) throw new IllegalArgumentException("zweimal " + ort);
            halte.add(ort);
            return self();
        }
        protected void pruefe() {
            if (linie == null) throw new IllegalStateException("ohne Linie");
            if (halte.size() < 2) throw new IllegalStateException("zwei Halte noetig");
        }
        abstract Fahrt bau();
    }
}

final class Faehrfahrt extends Fahrt {
    private final int autos;
    private Faehrfahrt(Bauer b) { super(b); this.autos = b.autos; }
    int autos() { return autos; }
    @Override public String toString() { return linie() + halte() + " Autos " + autos; }

    static final class Bauer extends Fahrt.Bauer<Bauer> {
        private int autos;
        Bauer autos(int n) {
            if (n < 0) throw new IllegalArgumentException("autos");
            autos = n;
            return this;
        }
        @Override protected Bauer self() { return this; }
        @Override Faehrfahrt bau() { pruefe(); return new Faehrfahrt(this); }
    }
}

final class Busfahrt extends Fahrt {
    private final boolean gelenk;
    private Busfahrt(Bauer b) { super(b); this.gelenk = b.gelenk; }
    @Override public String toString() { return linie() + halte() + (gelenk ? " Gelenkbus" : ""); }

    static final class Bauer extends Fahrt.Bauer<Bauer> {
        private boolean gelenk;
        Bauer mitGelenk() { gelenk = true; return this; }
        @Override protected Bauer self() { return this; }
        @Override Busfahrt bau() { pruefe(); return new Busfahrt(this); }
    }
}

public class Fahrplan {
    public static void main(String[] args) {
        Fahrt f = new Faehrfahrt.Bauer().linie("L7").halt("Mole").halt("Insel").autos(12).bau();
        Fahrt b = new Busfahrt.Bauer().linie("L30").halt("Markt").halt("Werft").mitGelenk().bau();
        System.out.println(f + "; " + b);
        try {
            new Busfahrt.Bauer().linie("L1").bau();
        } catch (IllegalStateException e) {
            System.out.println(e.getMessage());
        }
    }
}
