class Any implements Rule {
    public boolean fits(String k) {
        return true;
    }

    public double fee(double m) {
        return 10;
    }
}
