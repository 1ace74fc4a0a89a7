interface Fee {
    double of(double m);
}
