import java.util.*;

interface Buchung {
    void buche();

    void storno();
}

class Konto {
    long c;

    void plus(long x) {
        c += x;
    }
}

class Einzahlung implements Buchung {
    Konto k;
    long x;

    Einzahlung(Konto k, long x) {
        this.k = k;
        this.x = x;
    }

    public void buche() {
        k.plus(x);
    }

    public void storno() {
        k.plus(-x);
    }
}

class Auszahlung implements Buchung {
    Konto k;
    long x;

    Auszahlung(Konto k, long x) {
        this.k = k;
        this.x = x;
    }

    public void buche() {
        k.plus(-x);
    }

    public void storno() {
        k.plus(x);
    }
}

class Schalter {
    private int n;

    void mache(Buchung b) {
        b.buche();
        n++;
    }

    void zurueck(Buchung b) {
        b.storno();
        n--;
    }
}
