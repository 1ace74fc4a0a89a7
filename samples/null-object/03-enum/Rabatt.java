interface Rabatt {
    double abzug(double preis);

    String text();
}

enum KeinRabatt implements Rabatt {
    KEINER;

    public double abzug(double preis) {
        return 0;
    }

    public String text() {
        return "";
    }
}

class Prozent implements Rabatt {
    private final double satz;

    Prozent(double satz) {
        this.satz = satz;
    }

    public double abzug(double preis) {
        return preis * satz;
    }

    public String text() {
        return "minus " + satz * 100 + " %";
    }
}

class Rechnung {
    private Rabatt rabatt = KeinRabatt.KEINER;

    void mit(Rabatt r) {
        rabatt = r;
    }

    double summe(double preis) {
        return preis - rabatt.abzug(preis);
    }
}
