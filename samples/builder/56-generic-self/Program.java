import java.util.*;

abstract class Gefaess {
    final int liter;
    final String farbe;

    Gefaess(Bau<?> b) {
        liter = b.liter;
        farbe = b.farbe;
    }

    abstract static class Bau<T extends Bau<T>> {
        int liter = 1;
        String farbe = "weiss";

        T liter(int l) {
            liter = l;
            return ich();
        }

        T farbe(String f) {
            farbe = f;
            return ich();
        }

        abstract T ich();

        abstract Gefaess baue();
    }
}

class Eimer extends Gefaess {
    final boolean deckel;

    private Eimer(EimerBau b) {
        super(b);
        deckel = b.deckel;
    }

    static class EimerBau extends Gefaess.Bau<EimerBau> {
        boolean deckel;

        EimerBau mitDeckel() {
            deckel = true;
            return this;
        }

        EimerBau ich() {
            return this;
        }

        Eimer baue() {
            return new Eimer(this);
        }
    }
}
