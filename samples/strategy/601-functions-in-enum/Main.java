import java.util.*;
import java.util.function.*;

enum Zone { INNER, OUTER, SEA }
class FarePolicy {
    private final String name; private final BiFunction<Zone, Integer, Double> formula;
    FarePolicy(String name, BiFunction<Zone, Integer, Double> formula) { this.name = name; this.formula = formula; }
    double fare(Zone z, int passengers) { return formula.apply(z, passengers); }
    String name() { return name; }
}
class Policies {
    static final FarePolicy SUMMER = new FarePolicy("summer", (z, n) -> n * (z == Zone.SEA ? 12.0 : 4.0));
    static final FarePolicy WINTER = new FarePolicy("winter", (z, n) -> n * 3.0);
    static FarePolicy grouped(FarePolicy base, int from) { return new FarePolicy(base.name() + " for groups", (z, n) -> n >= from ? base.fare(z, n) * 0.8 : base.fare(z, n)); }
}
class TicketOffice {
    private FarePolicy policy = Policies.SUMMER;
    private double takings;
    void season(FarePolicy p) { if (p == null) throw new IllegalArgumentException("a policy is needed"); policy = p; }
    double sell(Zone zone, int passengers) {
        if (passengers < 1 || passengers > 80) throw new IllegalArgumentException("from 1 to 80 passengers");
        double price = policy.fare(zone, passengers);
        takings += price;
        return price;
    }
    double takings() { return takings; }
    public static void main(String[] a) {
        TicketOffice o = new TicketOffice();
        System.out.println(o.sell(Zone.SEA, 2));
        o.season(Policies.grouped(Policies.WINTER, 10));
        System.out.println(o.sell(Zone.INNER, 12) + " " + o.takings());
    }
}
