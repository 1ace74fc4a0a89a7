class Office {
    private Fee fee;
    private Fee next;

    Office(Fee f) {
        fee = f;
    }

    void setFee(Fee f) {
        if (fee == null) fee = f;
    }

    double bill(double m) {
        return fee.of(m);
    }
}
