import java.util.*;

interface Posten { double betrag(); String bezeichnung(); }
record Einzelposten(String bezeichnung, double betrag) implements Posten {}
record Rabatt(double prozent, Posten von) implements Posten {
    public double betrag() { return -von.betrag() * prozent / 100; }
    public String bezeichnung() { return prozent + " % auf " + von.bezeichnung(); }
}
class Rechnungsgruppe implements Posten {
    private final String name; private final List<Posten> posten = new ArrayList<>(); private double summe;
    Rechnungsgruppe(String name) { this.name = name; }
    Rechnungsgruppe nimm(Posten p) { posten.add(p); summe += p.betrag(); return this; }
    void streiche(Posten p) { if (posten.remove(p)) summe -= p.betrag(); }
    public double betrag() { return summe; }
    public String bezeichnung() { StringJoiner j = new StringJoiner(", ", name + " (", ")"); for (Posten p : posten) j.add(p.bezeichnung()); return j.toString(); }
}
class Kontor {
    public static void main(String[] x) {
        Rechnungsgruppe g = new Rechnungsgruppe("Hafen"), u = new Rechnungsgruppe("Liegeplatz");
        g.nimm(u);
        u.nimm(new Einzelposten("Strom", 12));
        System.out.println(g.betrag() + " " + g.bezeichnung());
    }
}
