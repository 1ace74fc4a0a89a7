public interface FeeRule {
    double fee(double length);
}
