interface FeeRule {
    int cents(Visit visit);
}
