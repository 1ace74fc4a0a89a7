class PlusFee implements Fee {
    public double of(double m) {
        return m + 7;
    }
}
