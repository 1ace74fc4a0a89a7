class MetreFee implements Fee {
    public double of(double m) {
        return m * 2;
    }
}
