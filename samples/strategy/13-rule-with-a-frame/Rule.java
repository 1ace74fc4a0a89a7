abstract class Rule {
    public final double fee(double m) {
        double r = raw(m);
        return r < 0 ? 0 : r;
    }

    protected abstract double raw(double m);
}
