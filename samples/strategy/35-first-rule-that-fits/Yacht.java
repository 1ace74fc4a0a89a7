class Yacht implements Rule {
    public boolean fits(String k) {
        return k.equals("yacht");
    }

    public double fee(double m) {
        return m * 2;
    }
}
