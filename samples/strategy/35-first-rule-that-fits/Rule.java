interface Rule {
    boolean fits(String kind);

    double fee(double m);
}
