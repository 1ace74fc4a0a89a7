package cargo;

public class Crate implements Cargo {
    private final String label;
    private final double kilos;

    public Crate(String label, double kilos) {
        this.label = label;
        this.kilos = kilos;
    }

    @Override
    public double weight() {
        return kilos;
    }

    @Override
    public String label() {
        return label;
    }
}
