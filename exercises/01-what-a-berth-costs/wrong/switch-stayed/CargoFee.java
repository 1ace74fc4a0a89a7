public class CargoFee implements FeeStrategy {
    public double calculate(double length) {
        return length * 4 + 30;
    }
}
