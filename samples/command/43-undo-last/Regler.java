interface Schaltung {
    void an();

    void zurueck();
}

class Ventilator {
    int stufe;

    void stufe(int s) {
        stufe = s;
    }

    int stufe() {
        return stufe;
    }
}

class Stufe implements Schaltung {
    final Ventilator v;
    final int neu;
    int alt;

    Stufe(Ventilator v, int n) {
        this.v = v;
        neu = n;
    }

    public void an() {
        alt = v.stufe();
        v.stufe(neu);
    }

    public void zurueck() {
        v.stufe(alt);
    }
}

class Fernbedienung {
    private Schaltung[] s = new Schaltung[3];
    private Schaltung letzte;

    void belege(int i, Schaltung x) {
        s[i] = x;
    }

    void taste(int i) {
        s[i].an();
        letzte = s[i];
    }

    void rueck() {
        if (letzte != null) letzte.zurueck();
    }
}
