import java.util.*;

interface Befehl {
    void tu();

    void zurueck();
}

class Kran {
    private int hoehe;

    void heben(int m) {
        hoehe += m;
    }

    void senken(int m) {
        hoehe -= m;
    }

    int hoehe() {
        return hoehe;
    }
}

class Heben implements Befehl {
    private final Kran k;
    private final int m;

    Heben(Kran k, int m) {
        this.k = k;
        this.m = m;
    }

    public void tu() {
        k.heben(m);
    }

    public void zurueck() {
        k.heben(m);
    }
}

class Senken implements Befehl {
    private final Kran k;

    Senken(Kran k) {
        this.k = k;
    }

    public void tu() {
        k.senken(1);
    }

    public void zurueck() {
        k.heben(1);
    }
}

class Pult {
    private final Deque<Befehl> getan = new ArrayDeque<>();

    void fuehreAus(Befehl b) {
        b.tu();
        getan.push(b);
    }

    void rueckgaengig() {
        if (!getan.isEmpty()) getan.pop().zurueck();
    }
}
