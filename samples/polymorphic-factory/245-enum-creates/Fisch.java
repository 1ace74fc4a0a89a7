abstract class Fisch {
    private final int gramm;

    Fisch(int gramm) {
        if (gramm < 50 || gramm > 9000) throw new IllegalArgumentException("Gramm: " + gramm);
        this.gramm = gramm;
    }

    int gramm() { return gramm; }

    abstract double preis();
}

class Hering extends Fisch {
    Hering(int g) { super(g); }
    double preis() { return gramm() * 0.004; }
}

class Scholle extends Fisch {
    Scholle(int g) { super(g); }
    double preis() { return gramm() * 0.011 + 0.5; }
}

class Aal extends Fisch {
    Aal(int g) { super(g); }
    double preis() { return gramm() * 0.03; }
}
