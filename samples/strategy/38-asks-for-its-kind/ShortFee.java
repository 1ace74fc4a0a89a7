class ShortFee implements Fee {
    public Kind kind() {
        return Kind.SHORT;
    }

    public double of(double m) {
        return m;
    }
}
