import java.util.*;

interface Schritt {
    void vor();

    void zurueck();
}

class Zaehler {
    int stand;
}

class Plus implements Schritt {
    private final Zaehler z;
    private final int n;

    Plus(Zaehler z, int n) {
        this.z = z;
        this.n = n;
    }

    public void vor() {
        z.stand += n;
    }

    public void zurueck() {
        z.stand -= n;
    }
}

class Mal implements Schritt {
    private final Zaehler z;
    private int alt;

    Mal(Zaehler z) {
        this.z = z;
    }

    public void vor() {
        alt = z.stand;
        z.stand *= 2;
    }

    public void zurueck() {
        z.stand = alt;
    }
}

class Verlauf {
    private final Deque<Schritt> getan = new ArrayDeque<>();

    int allesZurueck() {
        int n = 0;
        while (!getan.isEmpty()) {
            getan.pop().zurueck();
            n++;
        }
        return n;
    }

    void fuehreAus(Schritt s) {
        s.vor();
        getan.push(s);
    }

    void zurueck() {
        if (!getan.isEmpty()) getan.pop().zurueck();
    }
}
