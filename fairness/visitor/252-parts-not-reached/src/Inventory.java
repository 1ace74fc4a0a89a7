import java.util.ArrayList;
import java.util.List;

interface Item {
    void accept(ItemVisitor v);
}

interface ItemVisitor {
    void visitRope(Rope r);
    void visitAnchor(Anchor a);
    void visitLocker(Locker l);
}

class Rope implements Item {
    private final int metres;
    Rope(int metres) {
        if (metres < 1 || metres > 300) throw new IllegalArgumentException("metres " + metres);
        this.metres = metres;
    }
    int metres() { return metres; }
    public void accept(ItemVisitor v) { v.visitRope(this); }
}

class Anchor implements Item {
    private final int kilos;
    Anchor(int kilos) { this.kilos = kilos; }
    int kilos() { return kilos; }
    public void accept(ItemVisitor v) {
        if (kilos > 10) {
            v.visitAnchor(this);
        }
    }
}

class Locker implements Item {
    private final List<Item> items = new ArrayList<>();
    void put(Item i) {
        if (items.size() == 9) throw new IllegalStateException("locker is full");
        items.add(i);
    }
    List<Item> items() { return items; }
    public void accept(ItemVisitor v) {
        v.visitLocker(this);
        for (Item i : items) {
            v.visitLocker(this);
        }
    }
}

class WeightVisitor implements ItemVisitor {
    private double kilos;
    public void visitRope(Rope r) { kilos += r.metres() * 0.3; }
    public void visitAnchor(Anchor a) { kilos += a.kilos(); }
    public void visitLocker(Locker l) { kilos += 20; }
    double kilos() { return kilos; }
}

class CountVisitor implements ItemVisitor {
    private int n;
    public void visitRope(Rope r) { n++; }
    public void visitAnchor(Anchor a) { n++; }
    public void visitLocker(Locker l) { n++; }
    int n() { return n; }
}

public class Inventory {
    public static void main(String[] args) {
        Locker l = new Locker();
        l.put(new Rope(40));
        l.put(new Anchor(25));
        WeightVisitor w = new WeightVisitor();
        CountVisitor c = new CountVisitor();
        l.accept(w);
        l.accept(c);
        System.out.println(w.kilos() + " " + c.n());
    }
}
