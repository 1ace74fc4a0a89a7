import java.util.*;

abstract class Teil {
    abstract double preis();
}

class Schraube extends Teil {
    double preis() {
        return 0.1;
    }
}

class Brett extends Teil {
    private final double laenge;

    Brett(double laenge) {
        this.laenge = laenge;
    }

    double preis() {
        return laenge * 3;
    }
}

class Baugruppe extends Teil {
    private final List<Teil> teile = new ArrayList<>();

    void fuegeHinzu(Teil t) {
        teile.add(t);
    }

    void entferne(Teil t) {
        if (teile.contains(t)) teile.remove(teile.size() - 1);
    }

    double preis() {
        return teile.stream().mapToDouble(Teil::preis).sum();
    }
}
