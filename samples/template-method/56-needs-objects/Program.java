import java.util.*;

record Ware(String name, double preis) {}

abstract class Rechnung {
    private final String kunde;

    protected Rechnung(String kunde) {
        this.kunde = Objects.requireNonNull(kunde);
    }

    public final double summe(List<Ware> waren) {
        double s = 0;
        for (Ware w : waren) s += preis(w);
        s = rabatt(s);
        drucke(kunde, s);
        return s;
    }

    protected abstract double preis(Ware w);

    protected double rabatt(double s) {
        return s;
    }

    protected abstract void drucke(String kunde, double s);
}

class Barzahlung extends Rechnung {
    Barzahlung(String k) {
        super(k);
    }

    protected double preis(Ware w) {
        return w.preis();
    }

    protected double rabatt(double s) {
        return s * 0.98;
    }

    protected void drucke(String k, double s) {
        System.out.println(k + " bar " + s);
    }
}

class Aufschrift extends Rechnung {
    Aufschrift(String k) {
        super(k);
    }

    protected double preis(Ware w) {
        return w.preis() * 1.02;
    }

    protected void drucke(String k, double s) {
        System.out.println(k + " schuldet " + s);
    }
}
