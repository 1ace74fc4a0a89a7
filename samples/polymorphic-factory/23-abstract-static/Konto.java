abstract class Mahnung {
    protected final int tage;

    protected Mahnung(int tage) {
        this.tage = tage;
    }

    abstract String text();

    abstract double gebuehr();

    static Mahnung fuer(int tage) {
        Mahnung m;
        if (tage > 60) m = new Letzte(tage);
        else if (tage > 30) m = new Zweite(tage);
        else m = new Erste(tage);
        return m;
    }
}

class Erste extends Mahnung {
    Erste(int t) {
        super(t);
    }

    String text() {
        return "Bitte";
    }

    double gebuehr() {
        return 0;
    }
}

class Zweite extends Mahnung {
    Zweite(int t) {
        super(t);
    }

    String text() {
        return "Dringend seit " + tage;
    }

    double gebuehr() {
        return 5;
    }
}

class Letzte extends Mahnung {
    Letzte(int t) {
        super(t);
    }

    String text() {
        return "Letzte";
    }

    double gebuehr() {
        return 5 + tage * 0.1;
    }
}

class Versand {
    void sende(int t) {
        Mahnung m = Mahnung.fuer(t);
        System.out.println(m.text() + m.gebuehr());
    }
}
