class Fees {
    static Fee forKind(String k) {
        if (k.equals("a")) return new MetreFee();
        return new PlusFee();
    }
}
