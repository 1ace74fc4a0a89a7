interface Rabatt {
    double von(double preis);
}

class Mitglied implements Rabatt {
    public double von(double p) {
        return p * 0.8;
    }
}

class KeinRabatt implements Rabatt {
    private final int teiler = 0;

    public double von(double p) {
        int x = 1 / teiler;
        return p;
    }
}

class Kasse {
    private Rabatt r = new KeinRabatt();

    void setze(Rabatt r) {
        this.r = r;
    }

    double zahle(double p) {
        return r.von(p);
    }
}
