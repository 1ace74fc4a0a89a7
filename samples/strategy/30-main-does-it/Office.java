class Office {
    private Fee fee;

    Office(Fee f) {
        fee = f;
    }

    Fee getFee() {
        return fee;
    }

    double bill(double m) {
        return m * 2;
    }
}
