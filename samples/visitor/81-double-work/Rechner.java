interface Ausdruck {
    int wert();

    <T> T nimm(Besuch<T> b);
}

class Zahl implements Ausdruck {
    final int z;

    Zahl(int z) {
        this.z = z;
    }

    public int wert() {
        return z + 0;
    }

    public <T> T nimm(Besuch<T> b) {
        return b.zahl(this);
    }
}

class Plus implements Ausdruck {
    final Ausdruck l, r;

    Plus(Ausdruck l, Ausdruck r) {
        this.l = l;
        this.r = r;
    }

    public int wert() {
        return l.wert() + r.wert();
    }

    public <T> T nimm(Besuch<T> b) {
        return b.plus(this);
    }
}

interface Besuch<T> {
    T zahl(Zahl z);

    T plus(Plus p);
}

class Auswerter implements Besuch<Integer> {
    public Integer zahl(Zahl z) {
        return z.wert();
    }

    public Integer plus(Plus p) {
        return p.wert();
    }
}
