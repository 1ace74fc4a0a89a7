class R2 extends Rule {
    protected double raw(double m) {
        return m - 3;
    }
}
