interface CrateVisitor { void visitDry(Dry d); void visitCold(Cold c); }
abstract class Crate {
    int kilos;
    Crate(int kilos) { this.kilos = kilos; }
    abstract void accept(CrateVisitor v);
}
class Dry extends Crate {
    Dry(int k) { super(k); }
    void accept(CrateVisitor v) { v.visitDry(this); }
}
class Cold extends Crate {
    int degrees;
    Cold(int k, int degrees) { super(k); this.degrees = degrees; }
    void accept(CrateVisitor v) { v.visitDry(new Dry(kilos)); }
}
class Weigh implements CrateVisitor {
    int sum;
    public void visitDry(Dry d) { sum += d.kilos; }
    public void visitCold(Cold c) { sum += c.kilos + 5; }
}
class Coldest implements CrateVisitor {
    int min = 100;
    public void visitDry(Dry d) {}
    public void visitCold(Cold c) { min = Math.min(min, c.degrees); }
}
class Depot {
    public static void main(String[] a) {
        Weigh w = new Weigh();
        new Dry(4).accept(w); new Cold(9, -3).accept(w);
        System.out.println(w.sum);
    }
}
