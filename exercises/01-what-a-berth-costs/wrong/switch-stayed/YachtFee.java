public class YachtFee implements FeeStrategy {
    public double calculate(double length) {
        return length * 2.5;
    }
}
