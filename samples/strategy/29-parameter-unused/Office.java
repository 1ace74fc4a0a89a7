class Office {
    double bill(double m, Fee fee) {
        return m * 2.5;
    }
}
