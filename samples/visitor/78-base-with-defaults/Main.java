import java.util.ArrayList;
import java.util.List;
abstract class PartVisitor {
    protected void visit(Hull h) {}
    protected void visit(Mast m) {}
    protected void visit(Engine e) {}
}
abstract class Part {
    private final String id;
    Part(String id) { this.id = id; }
    String id() { return id; }
    abstract void accept(PartVisitor v);
}
class Hull extends Part {
    final int planks;
    Hull(String id, int planks) { super(id); this.planks = planks; }
    @Override void accept(PartVisitor v) { v.visit(this); }
}
class Mast extends Part {
    final int height;
    Mast(String id, int height) { super(id); this.height = height; }
    @Override void accept(PartVisitor v) { v.visit(this); }
}
class Engine extends Part {
    private final List<String> faults = new ArrayList<>();
    Engine(String id, String... faults) { super(id); this.faults.addAll(List.of(faults)); }
    List<String> faults() { return List.copyOf(faults); }
    @Override void accept(PartVisitor v) { v.visit(this); }
}
class FaultReport extends PartVisitor {
    private final StringBuilder text = new StringBuilder();
    @Override protected void visit(Engine e) {
        for (String f : e.faults()) text.append(e.id()).append(": ").append(f).append('\n');
    }
    String text() { return text.toString(); }
}
class WoodNeeded extends PartVisitor {
    private int metres;
    @Override protected void visit(Hull h) { metres += h.planks * 4; }
    @Override protected void visit(Mast m) { metres += m.height; }
    int metres() { return metres; }
}
class Yard {
    private final List<Part> parts = new ArrayList<>();
    void add(Part p) { parts.add(p); }
    <V extends PartVisitor> V inspect(V v) { parts.forEach(p -> p.accept(v)); return v; }
    public static void main(String[] args) {
        Yard y = new Yard();
        y.add(new Hull("h1", 30)); y.add(new Mast("m1", 9)); y.add(new Engine("e1", "leak"));
        System.out.println(y.inspect(new WoodNeeded()).metres());
        System.out.print(y.inspect(new FaultReport()).text());
    }
}
