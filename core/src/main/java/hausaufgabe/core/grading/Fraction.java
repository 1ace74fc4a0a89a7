package hausaufgabe.core.grading;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * A number as one whole number over another, so that nothing is rounded before the end.
 *
 * @param over the denominator; above 0
 */
record Fraction(BigInteger of, BigInteger over) implements Comparable<Fraction> {

    static final Fraction ZERO = new Fraction(BigInteger.ZERO, BigInteger.ONE);
    static final Fraction ONE = new Fraction(BigInteger.ONE, BigInteger.ONE);

    static Fraction of(BigDecimal number) {
        return number.scale() <= 0
                ? new Fraction(number.toBigIntegerExact(), BigInteger.ONE)
                : new Fraction(number.unscaledValue(), BigInteger.TEN.pow(number.scale())).shortened();
    }

    private Fraction shortened() {
        BigInteger both = of.gcd(over);
        return both.signum() == 0 || both.equals(BigInteger.ONE)
                ? this
                : new Fraction(of.divide(both), over.divide(both));
    }

    Fraction plus(Fraction other) {
        return new Fraction(of.multiply(other.over).add(other.of.multiply(over)), over.multiply(other.over))
                .shortened();
    }

    Fraction times(Fraction other) {
        return new Fraction(of.multiply(other.of), over.multiply(other.over)).shortened();
    }

    /** @param other above 0 */
    Fraction by(Fraction other) {
        return new Fraction(of.multiply(other.over), over.multiply(other.of)).shortened();
    }

    /** As a decimal with so many places. */
    BigDecimal decimal(int places, RoundingMode rounding) {
        return new BigDecimal(of).divide(new BigDecimal(over), places, rounding);
    }

    @Override
    public int compareTo(Fraction other) {
        return of.multiply(other.over).compareTo(other.of.multiply(over));
    }
}
