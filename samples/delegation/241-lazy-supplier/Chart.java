import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Supplier;

interface Depths {
    double at(String square);
    void record(String square, double metres);
    int squares();
}

class SurveyedDepths implements Depths {
    private final Map<String, Double> bySquare = new TreeMap<>();
    private final double tide;

    SurveyedDepths(double tide) {
        if (tide < -2 || tide > 6) throw new IllegalArgumentException("tide: " + tide);
        this.tide = tide;
    }

    public double at(String square) {
        Double d = bySquare.get(check(square));
        if (d == null) throw new IllegalStateException("not surveyed: " + square);
        return d + tide;
    }

    public void record(String square, double metres) {
        if (metres <= 0) throw new IllegalArgumentException("depth: " + metres);
        bySquare.put(check(square), metres);
    }

    public int squares() { return bySquare.size(); }

    private static String check(String square) {
        if (!square.matches("[A-H][1-8]")) throw new IllegalArgumentException("no such square: " + square);
        return square;
    }
}

class LazyDepths implements Depths {
    private final Supplier<? extends Depths> source;
    private Depths loaded;

    LazyDepths(Supplier<? extends Depths> source) { this.source = Objects.requireNonNull(source); }

    private Depths depths() {
        if (loaded == null) loaded = source.get();
        return loaded;
    }

    public double at(String square) { return depths().at(square); }
    public void record(String square, double metres) { depths().record(square, metres); }
    public int squares() { return Optional.ofNullable(loaded).map(Depths::squares).orElse(0); }
}

public class Chart {
    public static void main(String[] args) {
        Depths d = new LazyDepths(() -> new SurveyedDepths(1.5));
        System.out.println(d.squares());
        d.record("C4", 7.25);
        d.record("C5", 3);
        System.out.println(d.at("C4") + " " + d.squares());
        try {
            d.at("H8");
        } catch (IllegalStateException e) {
            System.out.println(e.getMessage());
        }
    }
}
