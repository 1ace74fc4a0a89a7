public class Quay {
    private Rule rule;

    public Quay(Rule rule) {
        this.rule = rule;
    }

    public double fee(double length) {
        if (rule instanceof WinterRule) {
            WinterRule w = (WinterRule) rule;
            return w.apply(length) - w.heating();
        }
        return rule.apply(length);
    }
}
