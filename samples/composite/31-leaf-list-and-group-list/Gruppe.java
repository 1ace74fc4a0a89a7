import java.util.*;

interface Form {
    double flaeche();
}

class Kreis implements Form {
    double r;

    public double flaeche() {
        return 3.14 * r * r;
    }
}

class Rechteck implements Form {
    double a, b;

    public double flaeche() {
        return a * b;
    }
}

class Gruppe implements Form {
    private List<Kreis> kreise = new ArrayList<>();
    private List<Rechteck> rechtecke = new ArrayList<>();

    void add(Kreis k) {
        kreise.add(k);
    }

    void add(Rechteck r) {
        rechtecke.add(r);
    }

    public double flaeche() {
        double s = 0;
        for (Kreis k : kreise) s += k.flaeche();
        for (Rechteck r : rechtecke) s += r.flaeche();
        return s;
    }
}
