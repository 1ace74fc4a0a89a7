import java.util.List;

interface Goods {
    void accept(GoodsVisitor v);
}

interface GoodsVisitor {
    void visitFish(Fish f);
    void visitTimber(Timber t);
    void visitSpirits(Spirits s);
}

abstract class Declared implements Goods {
    private final String paper;
    Declared(String paper) {
        if (!paper.matches("Z-\\d{6}")) throw new IllegalArgumentException("paper: " + paper);
        this.paper = paper;
    }
    String paper() { return paper; }
}

class Fish extends Declared {
    final int kilos;
    Fish(String paper, int kilos) { super(paper); this.kilos = kilos; }
    public void accept(GoodsVisitor v) { v.visitFish(this); }
}

class Timber extends Declared {
    final int logs;
    Timber(String paper, int logs) { super(paper); this.logs = logs; }
    public void accept(GoodsVisitor v) { v.visitTimber(this); }
}

class Spirits extends Fish {
    final int litres;
    Spirits(String paper, int litres) { super(paper, litres); this.litres = litres; }
    @Override public void accept(GoodsVisitor v) { v.visitFish(this); }
}

class DutyVisitor implements GoodsVisitor {
    private int duty;
    public void visitFish(Fish f) { duty += f.kilos; }
    public void visitTimber(Timber t) { duty += t.logs * 4; }
    public void visitSpirits(Spirits s) { duty += s.litres * 12; }
    int duty() { return duty; }
}

class ListVisitor implements GoodsVisitor {
    private final StringBuilder text = new StringBuilder();
    public void visitFish(Fish f) { text.append("fish ").append(f.paper()).append('\n'); }
    public void visitTimber(Timber t) { text.append("timber ").append(t.paper()).append('\n'); }
    public void visitSpirits(Spirits s) { text.append("spirits ").append(s.paper()).append('\n'); }
    String text() { return text.toString(); }
}

public class Customs {
    public static void main(String[] args) {
        List<Goods> cargo = List.of(new Fish("Z-000120", 40), new Timber("Z-000121", 7), new Spirits("Z-000122", 9));
        DutyVisitor d = new DutyVisitor();
        ListVisitor l = new ListVisitor();
        for (Goods g : cargo) {
            g.accept(d);
            g.accept(l);
        }
        System.out.println(d.duty() + "\n" + l.text());
    }
}
