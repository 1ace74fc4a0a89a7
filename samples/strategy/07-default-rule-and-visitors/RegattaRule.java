class RegattaRule implements FeeRule {
    public int cents(Visit visit) {
        return 500;
    }
}
