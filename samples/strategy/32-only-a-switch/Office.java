class Office {
    double bill(Kind k, double m) {
        return switch (k) {
            case YACHT -> m * 2;
            case CARGO -> m * 3 + 10;
            case FERRY -> 70;
        };
    }
}
