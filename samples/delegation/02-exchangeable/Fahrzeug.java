interface Antrieb {
    double schub();

    void starte();
}

class Diesel implements Antrieb {
    private boolean an;

    public double schub() {
        return an ? 300 : 0;
    }

    public void starte() {
        an = true;
    }
}

class Segel implements Antrieb {
    private double flaeche = 40;

    public double schub() {
        return flaeche * 1.2;
    }

    public void starte() {
        flaeche += 10;
    }
}

class Boot implements Antrieb {
    private Antrieb antrieb;

    Boot(Antrieb antrieb) {
        this.antrieb = antrieb;
    }

    void wechsle(Antrieb neu) {
        antrieb = neu;
    }

    public double schub() {
        return antrieb.schub();
    }

    public void starte() {
        antrieb.starte();
    }
}
