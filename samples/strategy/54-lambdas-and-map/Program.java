import java.util.*;
import java.util.function.*;

class Kasse {
    private DoubleUnaryOperator rabatt = p -> p;
    private final Map<String, Double> preise = new TreeMap<>();

    void nimm(DoubleUnaryOperator r) {
        rabatt = Objects.requireNonNull(r);
    }

    void lege(String was, double preis) {
        preise.put(was, preis);
    }

    double summe() {
        double s = 0;
        for (double p : preise.values()) s += rabatt.applyAsDouble(p);
        return s;
    }
}

class Halb implements DoubleUnaryOperator {
    public double applyAsDouble(double p) {
        return p / 2;
    }
}

class Fest implements DoubleUnaryOperator {
    public double applyAsDouble(double p) {
        return Math.max(0, p - 5);
    }
}
