import java.util.HashMap;
import java.util.Map;
abstract class Berth {
    abstract int number();
    abstract boolean free();
    abstract double price(int nights);
    abstract void book(String ship);
    boolean isReal() { return true; }
}
class RealBerth extends Berth {
    private final int number; private String ship;
    RealBerth(int number) { this.number = number; }
    int number() { return number; }
    boolean free() { return ship == null; }
    double price(int nights) { return nights * (number < 10 ? 30 : 18); }
    void book(String ship) {
        if (!free()) throw new IllegalStateException("taken by " + this.ship);
        this.ship = ship;
    }
}
class MissingBerth extends Berth {
    private static final MissingBerth ONLY = new MissingBerth();
    private MissingBerth() {}
    static MissingBerth get() { return ONLY; }
    int number() { return -1; }
    boolean free() { return false; }
    double price(int nights) { return 0; }
    void book(String ship) {}
    @Override boolean isReal() { return false; }
}
class Marina {
    private final Map<Integer, Berth> berths = new HashMap<>();
    Marina(int size) { for (int i = 1; i <= size; i++) berths.put(i, new RealBerth(i)); }
    Berth berth(int number) { return berths.getOrDefault(number, MissingBerth.get()); }
    double invoice(int number, int nights) { return berth(number).price(nights) * 1.19; }
    public static void main(String[] args) {
        Marina m = new Marina(12);
        m.berth(3).book("Nixe");
        m.berth(99).book("Nixe");
        System.out.println(m.invoice(3, 2) + " " + m.invoice(99, 2));
    }
}
