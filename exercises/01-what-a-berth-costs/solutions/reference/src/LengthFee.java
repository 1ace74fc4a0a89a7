public class LengthFee implements BerthFee {
    private final double perMetre;

    public LengthFee(double perMetre) {
        this.perMetre = perMetre;
    }

    @Override
    public double amountFor(Ship ship, int nights) {
        return ship.getLength() * perMetre * nights;
    }
}
