interface Tariff { long cents(int days); }
class Base implements Tariff { public long cents(int days) { return 1200L * days; } }
class Discount implements Tariff {
    private final Tariff of;
    Discount(Tariff of) { this.of = of; }
    public long cents(int days) {
        if (of instanceof Discount) { return of.cents(days); }
        return of.cents(days) * 9 / 10;
    }
}
