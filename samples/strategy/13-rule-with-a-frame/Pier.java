class Pier {
    private Rule rule;

    Pier(Rule rule) {
        this.rule = rule;
    }

    double cost(double m) {
        return rule.fee(m);
    }
}
