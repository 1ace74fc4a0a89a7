record Sendung(double kilo, String ziel) {}

interface Versand {
    double preis();
}

class Brief implements Versand {
    public double preis() {
        return 1;
    }
}

class Paket implements Versand {
    private final double k;

    Paket(double k) {
        this.k = k;
    }

    public double preis() {
        return 4 + k;
    }
}

class Fracht implements Versand {
    private final double k;

    Fracht(double k) {
        this.k = k;
    }

    public double preis() {
        return k * 0.8;
    }
}

class Grenzen {
    static final double BRIEF = 0.5;

    static double paket() {
        return 31.5;
    }
}

class Versandamt {
    Versand fuer(Sendung s) {
        if (s.kilo() <= Grenzen.BRIEF) return new Brief();
        return s.kilo() < Grenzen.paket() ? new Paket(s.kilo()) : new Fracht(s.kilo());
    }
}
