enum Ladungsart {
    KOHLE, GETREIDE, AUTOS
}

abstract class Ladung {
    protected final double tonnen;

    Ladung(double tonnen) {
        this.tonnen = tonnen;
    }

    abstract double gebuehr();
}

class Kohle extends Ladung {
    Kohle(double t) {
        super(t);
    }

    double gebuehr() {
        return tonnen * 2;
    }
}

class Getreide extends Ladung {
    Getreide(double t) {
        super(t);
    }

    double gebuehr() {
        return tonnen * 1.5 + 20;
    }
}

class Autos extends Ladung {
    Autos(double t) {
        super(t);
    }

    double gebuehr() {
        return 300;
    }
}

class Ladungsfabrik {
    Ladung erzeuge(Ladungsart art, double tonnen) {
        switch (art) {
            case KOHLE:
                return new Kohle(tonnen);
            case GETREIDE:
                return new Getreide(tonnen);
            case AUTOS:
                return new Autos(tonnen);
            default:
                throw new IllegalStateException();
        }
    }
}

class Abrechnung {
    private final Ladungsfabrik fabrik = new Ladungsfabrik();

    double summe(double tonnen, Ladungsart... arten) {
        double s = 0;
        for (Ladungsart a : arten) {
            s += fabrik.erzeuge(a, tonnen).gebuehr();
        }
        return s;
    }
}
