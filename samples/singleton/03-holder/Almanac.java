package tides;

/** Read once, used everywhere. Money is a value with constants and no singleton. */
public class Almanac {
    private final int year = 2031;

    private Almanac() {}

    private static class Keeper {
        static final Almanac ONE = new Almanac();
    }

    public static Almanac get() {
        return Keeper.ONE;
    }

    public int year() {
        return year;
    }
}

final class Money {
    static final Money ZERO = new Money(0);
    static final Money ONE_EURO = new Money(100);
    private final int cents;

    private Money(int cents) {
        this.cents = cents;
    }

    static Money of(int cents) {
        return new Money(cents);
    }

    Money plus(Money other) {
        return new Money(cents + other.cents);
    }
}
