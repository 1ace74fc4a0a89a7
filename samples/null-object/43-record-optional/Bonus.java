import java.util.*;

interface Bonus {
    double auf(double x);

    String name();
}

record KeinBonus() implements Bonus {
    public double auf(double x) {
        return x;
    }

    public String name() {
        return "-";
    }
}

record Treue(int jahre) implements Bonus {
    public double auf(double x) {
        return x * (1 - jahre / 100.0);
    }

    public String name() {
        return "Treue " + jahre;
    }
}

class Kartei {
    private final Map<Integer, Bonus> b = new HashMap<>();

    void set(int nr, Bonus x) {
        b.put(nr, x);
    }

    Bonus bonus(int nr) {
        Bonus x = b.get(nr);
        if (x == null) {
            return new KeinBonus();
        }
        return x;
    }
}

class Rechner {
    final Kartei k = new Kartei();

    double preis(int nr, double x) {
        return k.bonus(nr).auf(x);
    }
}
