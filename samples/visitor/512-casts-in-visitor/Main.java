import java.util.*;

interface Item { void accept(Visitor v); double value(); }
class Crate implements Item { public void accept(Visitor v) { v.visit(this); } public double value() { return 10; } }
class Barrel implements Item { public void accept(Visitor v) { v.visit(this); } public double value() { return 25; } }
class Sack implements Item { final int kilos; Sack(int k) { kilos = k; } public void accept(Visitor v) { v.visit(this); } public double value() { return kilos; } }
interface Visitor { void visit(Item item); }
class Counter implements Visitor {
    int crates, barrels, sacks;
    public void visit(Item item) {
        if (item instanceof Crate) crates++;
        else if (item instanceof Barrel) barrels++;
        else if (item instanceof Sack) sacks++;
    }
}
class Customs implements Visitor {
    double due;
    public void visit(Item item) { due += item.value() * (item instanceof Barrel ? 0.4 : 0.1); }
}
class Store {
    private final List<Item> items = new ArrayList<>();
    void put(Item i) { items.add(i); }
    void walk(Visitor v) { items.forEach(i -> i.accept(v)); }
    public static void main(String[] a) { Store s = new Store(); s.put(new Crate()); s.put(new Sack(3)); Counter c = new Counter(); s.walk(c); System.out.println(c.crates); }
}
