import java.util.*;

interface Watcher { void priceChanged(String good, double price); }
class FishMarket {
    private final Map<String, Double> prices = new HashMap<>();
    private final List<Watcher> watchers = new ArrayList<>();
    void join(Watcher w) { watchers.add(w); }
    void leave(Watcher w) { watchers.remove(w); }
    void price(String good, double price) {
        if (price <= 0) throw new IllegalArgumentException("free fish?");
        Double before = prices.put(good, price);
        if (before == null) {
            for (Watcher w : watchers) w.priceChanged(good, price);
        }
    }
    double priceOf(String good) { return prices.getOrDefault(good, 0.0); }
}
class Blackboard implements Watcher {
    final Map<String, Double> shown = new TreeMap<>();
    public void priceChanged(String good, double price) { shown.put(good, price); }
}
class Cook implements Watcher {
    boolean buys;
    public void priceChanged(String good, double price) { if (good.equals("cod")) buys = price < 5; }
}
class Morning {
    public static void main(String[] a) {
        FishMarket m = new FishMarket();
        Blackboard b = new Blackboard();
        Cook c = new Cook();
        m.join(b); m.join(c);
        m.price("cod", 6); m.price("cod", 4);
        System.out.println(b.shown + " " + c.buys);
    }
}
