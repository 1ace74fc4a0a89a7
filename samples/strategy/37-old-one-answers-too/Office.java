class Office {
    private Fee fee;
    private Fee old;

    Office(Fee f) {
        fee = f;
    }

    void setFee(Fee f) {
        old = fee;
        fee = f;
    }

    double bill(double m) {
        double r = fee.of(m);
        if (old != null) r += old.of(m);
        return r;
    }
}
