import java.util.List;

abstract class Vorhersage {
    private final String ort;
    Vorhersage(String ort) {
        if (ort.isBlank()) throw new IllegalArgumentException("Ort");
        this.ort = ort;
    }
    final String fuer(List<Double> werte) {
        if (werte.size() < 3) throw new IllegalArgumentException("zu wenig Werte");
        double basis = mittel(werte);
        double z = zuschlag(basis);
        return ort + ": " + runde(z) + einheit();
    }
    private double mittel(List<Double> werte) { return werte.stream().mapToDouble(d -> d).average().orElse(0); }
    protected double zuschlag(double basis) { return basis; }
    protected abstract String einheit();
    protected long runde(double d) { return Math.round(d); }
}

class Windvorhersage extends Vorhersage {
    Windvorhersage(String ort) { super(ort); }
    protected double zuschlag(int basis) { return basis * 1.3; }
    @Override protected String einheit() { return " kn"; }
}

class Wellenvorhersage extends Vorhersage {
    Wellenvorhersage(String ort) { super(ort); }
    @Override protected double zuschlag(double basis) { return basis + 0.5; }
    @Override protected String einheit() { return " m"; }
}

public class Prognose {
    public static void main(String[] args) {
        System.out.println(new Windvorhersage("Mole").fuer(List.of(10.0, 14.0, 12.0)));
        System.out.println(new Wellenvorhersage("Sund").fuer(List.of(1.0, 2.0, 3.0)));
    }
}
