import java.util.*;

interface Schritt {
    void tue();

    void zurueck();
}

class Brett {
    private final int[] f = new int[8];

    void setze(int i, int v) {
        f[i] = v;
    }

    int feld(int i) {
        return f[i];
    }
}

class Setze implements Schritt {
    private final Brett b;
    private final int i, neu;
    private int alt;

    Setze(Brett b, int i, int neu) {
        this.b = b;
        this.i = i;
        this.neu = neu;
    }

    public void tue() {
        alt = b.feld(i);
        b.setze(i, neu);
    }

    public void zurueck() {
        b.setze(i, alt);
    }
}

class Protokoll {
    private final List<Schritt> liste = new ArrayList<>();
    private int stand = 0;

    void fuehreAus(Schritt s) {
        while (liste.size() > stand) liste.remove(liste.size() - 1);
        liste.add(s);
        stand++;
        s.tue();
    }

    void rueckwaerts() {
        if (stand > 0) {
            stand--;
            liste.get(stand).zurueck();
        }
    }

    void vorwaerts() {
        if (stand < liste.size()) {
            liste.get(stand).tue();
            stand++;
        }
    }
}
