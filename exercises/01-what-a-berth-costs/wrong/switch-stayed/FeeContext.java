public class FeeContext {
    private FeeStrategy strategy;

    public FeeContext(FeeStrategy strategy) {
        this.strategy = strategy;
    }

    public double fee(String kind, double length) {
        switch (kind) {
            case "yacht":
                return length * 2.5;
            case "cargo":
                return length * 4 + 30;
            case "ferry":
                return length + 75;
            default:
                return strategy.calculate(length);
        }
    }
}
