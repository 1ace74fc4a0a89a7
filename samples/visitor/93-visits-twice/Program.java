interface Ware {
    <R> R nimm(Pruefer<R> p);
}

interface Pruefer<R> {
    R fisch(Fisch f);

    R obst(Obst o);
}

class Fisch implements Ware {
    final double kilo;

    Fisch(double kilo) {
        this.kilo = kilo;
    }

    public <R> R nimm(Pruefer<R> p) {
        p.fisch(this);
        return p.fisch(this);
    }
}

class Obst implements Ware {
    final int stueck;

    Obst(int stueck) {
        this.stueck = stueck;
    }

    public <R> R nimm(Pruefer<R> p) {
        return p.obst(this);
    }
}

class Preis implements Pruefer<Double> {
    public Double fisch(Fisch f) {
        return f.kilo * 12;
    }

    public Double obst(Obst o) {
        return o.stueck * 0.5;
    }
}

class Etikett implements Pruefer<String> {
    public String fisch(Fisch f) {
        return "Fisch " + f.kilo;
    }

    public String obst(Obst o) {
        return "Obst " + o.stueck;
    }
}
