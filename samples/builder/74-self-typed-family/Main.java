import java.util.*;
abstract class Schiff {
    final String name; final int laenge; final List<String> extras;
    abstract static class Bauplan<T extends Bauplan<T>> {
        private String name = "ohne Namen"; private int laenge = 5;
        private final List<String> extras = new ArrayList<>();
        T name(String n) { name = n; return ich(); }
        T laenge(int l) { if (l < 1) throw new IllegalArgumentException("zu kurz"); laenge = l; return ich(); }
        T mit(String extra) { extras.add(extra); return ich(); }
        protected abstract T ich();
        abstract Schiff baue();
    }
    protected Schiff(Bauplan<?> p) { name = p.name; laenge = p.laenge; extras = List.copyOf(p.extras); }
    public String toString() { return name + " " + laenge + extras; }
}
class Segler extends Schiff {
    final int segel;
    static class Plan extends Bauplan<Plan> {
        private int segel = 1;
        Plan segel(int s) { segel = s; return this; }
        @Override protected Plan ich() { return this; }
        @Override Segler baue() { return new Segler(this); }
    }
    private Segler(Plan p) { super(p); segel = p.segel; }
    @Override public String toString() { return super.toString() + " Segel " + segel; }
}
class Schlepper extends Schiff {
    final double kw;
    static class Plan extends Bauplan<Plan> {
        private double kw;
        Plan kw(double k) { kw = k; return this; }
        @Override protected Plan ich() { return this; }
        @Override Schlepper baue() { return new Schlepper(this); }
    }
    private Schlepper(Plan p) { super(p); kw = p.kw; }
    @Override public String toString() { return super.toString() + " kW " + kw; }
}
class Helling {
    public static void main(String[] a) {
        System.out.println(new Segler.Plan().name("Nixe").laenge(9).segel(3).mit("Kompass").baue());
        System.out.println(new Schlepper.Plan().kw(400).name("Bulle").baue());
    }
}
