interface Makler {
    int provision(int preis);

    default boolean aktiv() {
        return true;
    }

    static Makler keiner() {
        return new Makler() {
            public int provision(int preis) {
                return 0;
            }

            @Override
            public boolean aktiv() {
                return false;
            }
        };
    }
}

class Vollmakler implements Makler {
    private final int satz;

    Vollmakler(int s) {
        satz = s;
    }

    public int provision(int p) {
        return p * satz / 100;
    }
}

class Verkauf {
    private Makler m = Makler.keiner();

    void mit(Makler x) {
        m = x;
    }

    int netto(int p) {
        return p - m.provision(p);
    }
}
