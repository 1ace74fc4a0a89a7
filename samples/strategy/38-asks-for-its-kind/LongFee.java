class LongFee implements Fee {
    public Kind kind() {
        return Kind.LONG;
    }

    public double of(double m) {
        return m * 2;
    }
}
