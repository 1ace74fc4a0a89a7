interface Kasse {
    double rechne(double preis, double rabatt);

    String name();
}

class Haupt implements Kasse {
    public double rechne(double p, double r) {
        return p - r;
    }

    public String name() {
        return "Haupt";
    }
}

class Neben implements Kasse {
    private final Kasse k;

    Neben(Kasse k) {
        this.k = k;
    }

    public double rechne(double preis, double rabatt) {
        return k.rechne(rabatt, preis);
    }

    public String name() {
        return k.name();
    }
}
