import java.util.*;
import java.util.function.*;

interface Ausdruck { void annehmen(Besucher b); }
class Zahl implements Ausdruck { private final double wert; Zahl(double w) { wert = w; } double wert() { return wert; } public void annehmen(Besucher b) { b.besuche(this); } }
class Groesse implements Ausdruck { private final String name; Groesse(String n) { name = n; } String name() { return name; } public void annehmen(Besucher b) { b.besuche(this); } }
class Summe implements Ausdruck {
    private final Ausdruck l, r;
    Summe(Ausdruck l, Ausdruck r) { this.l = l; this.r = r; }
    public void annehmen(Besucher b) { l.annehmen(b); r.annehmen(b); b.besuche(this); }
}
class Produkt implements Ausdruck {
    private final Ausdruck l, r;
    Produkt(Ausdruck l, Ausdruck r) { this.l = l; this.r = r; }
    public void annehmen(Besucher b) { l.annehmen(b); r.annehmen(b); b.besuche(this); }
}
interface Besucher { void besuche(Zahl z); void besuche(Groesse g); void besuche(Summe s); void besuche(Produkt p); }
class Rechner implements Besucher {
    private final Deque<Double> stapel = new ArrayDeque<>(); private final Map<String, Double> werte;
    Rechner(Map<String, Double> werte) { this.werte = werte; }
    public void besuche(Zahl z) { stapel.push(z.wert()); }
    public void besuche(Groesse g) { Double w = werte.get(g.name()); if (w == null) throw new NoSuchElementException(g.name()); stapel.push(w); }
    public void besuche(Summe s) { stapel.push(stapel.pop() + stapel.pop()); }
    public void besuche(Produkt p) { stapel.push(stapel.pop() * stapel.pop()); }
    double ergebnis() { if (stapel.size() != 1) throw new IllegalStateException("unfertig"); return stapel.peek(); }
}
class Schreiber implements Besucher {
    private final Deque<String> teile = new ArrayDeque<>();
    public void besuche(Zahl z) { teile.push(String.valueOf(z.wert())); }
    public void besuche(Groesse g) { teile.push(g.name()); }
    public void besuche(Summe s) { String r = teile.pop(), l = teile.pop(); teile.push("(" + l + " + " + r + ")"); }
    public void besuche(Produkt p) { String r = teile.pop(), l = teile.pop(); teile.push(l + " * " + r); }
    String text() { return teile.peek(); }
}
class Ladung {
    public static void main(String[] x) {
        Ausdruck a = new Summe(new Zahl(2), new Produkt(new Groesse("kisten"), new Zahl(3)));
        Rechner r = new Rechner(Map.of("kisten", 4.0)); a.annehmen(r);
        Schreiber s = new Schreiber(); a.annehmen(s);
        System.out.println(s.text() + " = " + r.ergebnis());
    }
}
