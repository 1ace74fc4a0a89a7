public class SummerRule implements Rule {
    public double apply(double length) {
        return 3 * length;
    }
}
