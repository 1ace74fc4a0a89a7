enum Typ {
    A,
    B,
    C
}

interface Kabine {
    int betten();
}

class Einzel implements Kabine {
    public int betten() {
        return 1;
    }
}

class Doppel implements Kabine {
    public int betten() {
        return 2;
    }
}

class Suite implements Kabine {
    public int betten() {
        return 4 - 1;
    }
}

class Kabinen {
    static Kabine neu(Typ t) {
        return switch (t) {
            case A -> new Einzel();
            case B -> new Doppel();
            case C -> new Suite();
        };
    }
}

class Preise {
    static int preis(Typ t) {
        return t == Typ.A ? 80 : t == Typ.B ? 120 : 300;
    }

    int summe(Typ... ts) {
        int s = 0;
        for (Typ t : ts) s += preis(t) * Kabinen.neu(t).betten();
        return s;
    }
}
