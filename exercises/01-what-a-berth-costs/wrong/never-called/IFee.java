public interface IFee {
    double compute(double length, int days);
}
