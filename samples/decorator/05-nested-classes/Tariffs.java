public class Tariffs {
    interface Tariff { long cents(int days); }
    static final class Base implements Tariff {
        private final long perDay;
        Base(long perDay) { this.perDay = perDay; }
        @Override public long cents(int days) { return perDay * days; }
    }
    private static final class Discount implements Tariff {
        private final Tariff of;
        private final int percent;
        private Discount(Tariff of, int percent) { this.of = of; this.percent = percent; }
        @Override public long cents(int days) { return of.cents(days) * (100 - percent) / 100; }
    }
    private static final class Surcharge implements Tariff {
        private final Tariff of;
        private Surcharge(Tariff of) { this.of = of; }
        @Override public long cents(int days) { return of.cents(days) + 250; }
    }
    static Tariff discounted(Tariff t, int percent) { return new Discount(t, percent); }
    static Tariff surcharged(Tariff t) { return new Surcharge(t); }
    public static void main(String[] args) {
        System.out.println(surcharged(discounted(new Base(1200), 10)).cents(3));
    }
}
