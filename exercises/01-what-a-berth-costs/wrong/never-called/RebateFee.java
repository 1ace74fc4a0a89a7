public class RebateFee implements IFee {
    public double compute(double length, int days) {
        return length * 1.9 * days * 0.8;
    }
}
