interface Kran {
    int hebe(int t);

    void senke();
}

class Echt implements Kran {
    int h;

    public int hebe(int t) {
        h += t;
        return h;
    }

    public void senke() {
        h = 0;
    }
}

class KeinKran implements Kran {
    public int hebe(int t) {
        throw new IllegalStateException("kein Kran da");
    }

    public void senke() {}
}

class Pier {
    Kran k = new KeinKran();

    int arbeite() {
        int x = k.hebe(3);
        k.senke();
        return x;
    }
}
