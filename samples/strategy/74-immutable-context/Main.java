import java.util.*;
import java.util.function.*;
sealed interface Rounding permits Up, Down, ToFives {
    long cents(double exact);
}
record Up() implements Rounding { public long cents(double e) { return (long) Math.ceil(e); } }
record Down() implements Rounding { public long cents(double e) { return (long) Math.floor(e); } }
record ToFives(boolean generous) implements Rounding {
    public long cents(double e) {
        double fives = e / 5;
        return 5 * (long) (generous ? Math.floor(fives) : Math.ceil(fives));
    }
}
record Till(Rounding rounding, List<Double> items) {
    Till { items = List.copyOf(items); Objects.requireNonNull(rounding); }
    static Till empty() { return new Till(new Up(), List.of()); }
    Till with(Rounding other) { return new Till(other, items); }
    Till add(double price) {
        List<Double> more = new ArrayList<>(items);
        more.add(price);
        return new Till(rounding, more);
    }
    long total() {
        double sum = 0;
        for (double d : items) sum += d * 100;
        return rounding.cents(sum);
    }
}
class Kiosk {
    public static void main(String[] args) {
        Till t = Till.empty().add(1.234).add(2.5);
        System.out.println(t.total() + " " + t.with(new Down()).total() + " " + t.with(new ToFives(true)).total());
    }
}
