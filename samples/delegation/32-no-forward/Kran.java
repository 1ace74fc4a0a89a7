interface Heben {
    int hebe(int t);
}

class Grosskran implements Heben {
    int n;

    public int hebe(int t) {
        n += t;
        return n;
    }
}

class Leitstand implements Heben {
    private Heben kran;
    int n;

    Leitstand(Heben k) {
        kran = k;
    }

    public int hebe(int t) {
        n += t;
        return n;
    }

    Heben kran() {
        return kran;
    }
}
