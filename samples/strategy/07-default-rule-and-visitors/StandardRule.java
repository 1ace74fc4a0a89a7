class StandardRule implements FeeRule {
    public int cents(Visit visit) {
        return visit.metres() * 180 * visit.nights();
    }
}
