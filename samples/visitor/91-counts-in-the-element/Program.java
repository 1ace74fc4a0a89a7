import java.util.*;

interface Kai {
    void empfange(Besucher b);
}

interface Besucher {
    void beiSteg(Steg s);

    void beiMole(Mole m);
}

class Steg implements Kai {
    int plaetze = 12;

    public void empfange(Besucher b) {
        b.beiSteg(this);
    }
}

class Mole implements Kai {
    int meter = 80;

    public void empfange(Besucher b) {
        b.beiMole(this);
    }
}

class Zaehler implements Besucher {
    int summe;

    public void beiSteg(Steg s) {
        summe += s.plaetze;
        s.plaetze = 0;
    }

    public void beiMole(Mole m) {
        summe += m.meter / 10;
    }
}

class Bericht implements Besucher {
    final StringBuilder t = new StringBuilder();

    public void beiSteg(Steg s) {
        t.append(s.plaetze);
    }

    public void beiMole(Mole m) {
        t.append(m.meter);
    }
}
