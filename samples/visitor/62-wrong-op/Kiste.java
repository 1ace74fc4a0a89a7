interface Ware {
    void akzeptiere(Inventur i);
}

class Kiste implements Ware {
    int n = 10;

    public void akzeptiere(Inventur i) {
        i.fass(null);
    }
}

class Fass implements Ware {
    int l = 50;

    public void akzeptiere(Inventur i) {
        i.fass(this);
    }
}

interface Inventur {
    void kiste(Kiste k);

    void fass(Fass f);
}

class Zaehlung implements Inventur {
    int sum;

    public void kiste(Kiste k) {
        sum += k.n;
    }

    public void fass(Fass f) {
        sum += f == null ? 0 : f.l;
    }
}
