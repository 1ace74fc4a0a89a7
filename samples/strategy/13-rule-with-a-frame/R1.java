class R1 extends Rule {
    protected double raw(double m) {
        return m * 2;
    }
}
