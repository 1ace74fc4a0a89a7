class Office {
    private Fee fee;

    Office(Fee f) {
        fee = f;
    }

    double bill(String k, double m) {
        if (k.equals("yacht")) return yacht(m);
        else if (k.equals("cargo")) return cargo(m);
        return fee.of(m);
    }

    private double yacht(double m) {
        return m * 2;
    }

    private double cargo(double m) {
        return m * 3 + 1;
    }
}
