import java.util.*;

interface Raum { int flaeche(); String name(); }
record Kammer(String name, int flaeche) implements Raum { }
class Deck implements Raum {
    private final String name; private final List<Raum> raeume = new ArrayList<>();
    Deck(String name) { this.name = name; }
    void dazu(Raum r) { raeume.add(r); }
    void weg(Raum r) { raeume.remove(r); }
    public String name() { return name; }
    public int flaeche() {
        int s = 0;
        for (Raum r : raeume) if (r instanceof Kammer) s += ((Kammer) r).flaeche();
        return s;
    }
}
public class Main {
    public static void main(String[] args) {
        Deck haupt = new Deck("Hauptdeck");
        haupt.dazu(new Kammer("Kombüse", 12));
        Deck schiff = new Deck("Schiff");
        schiff.dazu(haupt);
        schiff.dazu(new Kammer("Brücke", 20));
        System.out.println(schiff.flaeche());
    }
}
