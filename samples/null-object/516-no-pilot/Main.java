import java.util.*;

interface Lotse {
    Lotse KEINER = new Lotse() {
        @Override public double zuschlag(double laenge) { return 0; }
        @Override public List<String> anweisungen(String kanal) { return List.of(); }
        @Override public void gehtVonBord() {}
    };
    double zuschlag(double laenge);
    List<String> anweisungen(String kanal);
    void gehtVonBord();
}
class Hafenlotse implements Lotse {
    private final String name; private boolean anBord = true;
    Hafenlotse(String name) { this.name = Objects.requireNonNull(name); }
    public double zuschlag(double laenge) { return 120 + laenge; }
    public List<String> anweisungen(String kanal) { return List.of(name + ": langsam", name + ": backbord in " + kanal); }
    public void gehtVonBord() { anBord = false; }
    boolean anBord() { return anBord; }
}
class Seelotse implements Lotse {
    public double zuschlag(double laenge) { return laenge > 100 ? 400 : 250; }
    public List<String> anweisungen(String kanal) { return List.of("Kurs halten"); }
    public void gehtVonBord() { System.out.println("der Lotse geht"); }
}
class Passage {
    private final double laenge; private Lotse lotse = Lotse.KEINER;
    Passage(double laenge) { if (laenge <= 0) throw new IllegalArgumentException("Laenge"); this.laenge = laenge; }
    void nimmAnBord(Lotse l) { lotse = l == null ? Lotse.KEINER : l; }
    double kosten() { return laenge * 2 + lotse.zuschlag(laenge); }
    int anweisungen(String kanal) { return lotse.anweisungen(kanal).size(); }
    void ende() { lotse.gehtVonBord(); lotse = Lotse.KEINER; }
}
class Fahrt { public static void main(String[] a) { Passage p = new Passage(80); System.out.println(p.kosten()); p.nimmAnBord(new Hafenlotse("Wulf")); System.out.println(p.kosten() + " " + p.anweisungen("Nordkanal")); p.ende(); } }
