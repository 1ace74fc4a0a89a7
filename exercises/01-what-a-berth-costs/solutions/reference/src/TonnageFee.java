public class TonnageFee implements BerthFee {
    @Override
    public double amountFor(Ship ship, int nights) {
        double base = ship.getTonnage() * 0.35;
        if (nights > 7) {
            base = base * 0.9;
        }
        return base * nights;
    }
}
