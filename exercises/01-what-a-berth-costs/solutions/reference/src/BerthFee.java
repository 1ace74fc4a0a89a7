/** A rule that says what a ship pays for one night. */
public interface BerthFee {
    double amountFor(Ship ship, int nights);
}
