class Office {
    private Fee fee;

    Office(Fee f) {
        fee = f;
    }

    double bill(String kind, double m) {
        if ("a".equals(kind)) fee = new MetreFee();
        else fee = new PlusFee();
        return fee.of(m);
    }
}
