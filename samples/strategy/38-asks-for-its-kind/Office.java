class Office {
    private Fee fee;

    Office(Fee f) {
        fee = f;
    }

    double bill(double m) {
        switch (fee.kind()) {
            case LONG:
                return m * 2;
            case SHORT:
                return m + 1;
            default:
                return fee.of(m);
        }
    }
}
