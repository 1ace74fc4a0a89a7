class Tour {
    private final String ziel;
    private final int plaetze;
    private final String fuehrer;

    Tour(String z, int p, String f) {
        ziel = z;
        plaetze = p;
        fuehrer = f;
    }
}

class TourBauer {
    private String ziel = "";
    private int plaetze;
    private String fuehrer = "";

    TourBauer ziel(String z) {
        ziel = z;
        return this;
    }

    TourBauer plaetze(int p) {
        plaetze = p;
        return this;
    }

    TourBauer fuehrer(String f) {
        ziel = f;
        return this;
    }

    Tour baue() {
        return new Tour(ziel, plaetze, fuehrer);
    }
}
