import java.util.*;

interface Rounding { double round(double euros); }
class ToCents implements Rounding { public double round(double e) { return Math.round(e * 100) / 100.0; } }
class ToTens implements Rounding { public double round(double e) { return Math.round(e * 10) / 10.0; } }
class UpToWhole implements Rounding { public double round(double e) { return Math.ceil(e); } }
class Till {
    private final Rounding rounding;
    private final List<Double> sales = new ArrayList<>();
    Till(Rounding rounding) { this.rounding = rounding; }
    void sell(double euros) { if (euros < 0) throw new IllegalArgumentException(); sales.add(euros); }
    double total() {
        double sum = 0;
        for (double s : sales) sum += s;
        rounding.round(sum);
        return Math.round(sum * 100) / 100.0;
    }
}
class Market {
    public static void main(String[] a) {
        Till t = new Till(new ToTens());
        t.sell(1.23); t.sell(4.56);
        System.out.println(t.total());
    }
}
