class Office {
    private MetreFee fee;

    Office(MetreFee f) {
        fee = f;
    }

    double bill(double m) {
        return fee.of(m);
    }
}
