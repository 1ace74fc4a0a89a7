public class Office {
    private FeeRule rule;

    public Office(FeeRule rule) {
        this.rule = rule;
    }

    public double fee(double length) {
        return rule.fee(length)
    }
}
