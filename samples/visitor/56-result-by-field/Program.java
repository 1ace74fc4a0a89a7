interface Form {
    void zeige(Zeichner z);
}

interface Zeichner {
    void kreis(Kreis k);

    void strecke(Strecke s);
}

final class Kreis implements Form {
    final double r;

    Kreis(double r) {
        this.r = r;
    }

    public void zeige(Zeichner z) {
        z.kreis(this);
    }
}

final class Strecke implements Form {
    final double a, b;

    Strecke(double a, double b) {
        if (a == b) throw new IllegalArgumentException("Punkt");
        this.a = a;
        this.b = b;
    }

    public void zeige(Zeichner z) {
        z.strecke(this);
    }
}

class Laenge implements Zeichner {
    private double sum;

    public void kreis(Kreis k) {
        sum += 6.28 * k.r;
    }

    public void strecke(Strecke s) {
        sum += Math.abs(s.a - s.b);
    }

    double sum() {
        return sum;
    }
}

class Ausgabe implements Zeichner {
    private final StringBuilder b = new StringBuilder();

    public void kreis(Kreis k) {
        b.append("O");
    }

    public void strecke(Strecke s) {
        b.append("-");
    }

    public String toString() {
        return b.toString();
    }
}
