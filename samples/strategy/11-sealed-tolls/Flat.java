public record Flat(double euros) implements Toll {
    public double take(double m) {
        return euros;
    }
}
