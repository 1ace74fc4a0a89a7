public record Metre(double each) implements Toll {
    public double take(double m) {
        return each * m;
    }
}
