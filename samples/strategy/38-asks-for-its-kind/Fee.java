interface Fee {
    Kind kind();

    double of(double m);
}
