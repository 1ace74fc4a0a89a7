public class DayVisitorFee implements BerthFee {
    @Override
    public double amountFor(Ship ship, int nights) {
        return 12.0;
    }
}
