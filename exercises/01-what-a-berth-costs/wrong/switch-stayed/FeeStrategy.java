public interface FeeStrategy {
    double calculate(double length);
}
