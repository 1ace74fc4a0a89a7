class Office {
    double bill(String kind, double m) {
        Fee fee = Fees.forKind(kind);
        return fee.of(m);
    }
}
