import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

final class Schiff {
    private final String name;
    private final int laenge;
    private final int ankunft;
    Schiff(String name, int laenge, int ankunft) {
        if (name.isBlank()) throw new IllegalArgumentException("ohne Namen");
        if (laenge < 3) throw new IllegalArgumentException("zu kurz");
        this.name = name; this.laenge = laenge; this.ankunft = ankunft;
    }
    String name() { return name; }
    int laenge() { return laenge; }
    int ankunft() { return ankunft; }
    @Override public String toString() { return name; }
}

class LaengsteZuerst implements Comparator<Schiff> {
    @Override public int compare(Schiff a, Schiff b) { return Integer.compare(b.laenge(), a.laenge()); }
}

class WerZuerstKommt implements Comparator<Schiff> {
    @Override public int compare(Schiff a, Schiff b) { return Integer.compare(a.ankunft(), b.ankunft()); }
}

class NachName implements Comparator<Schiff> {
    @Override public int compare(Schiff a, Schiff b) { return a.name().compareToIgnoreCase(b.name()); }
}

public class Warteliste {
    private final List<Schiff> schiffe = new ArrayList<>();
    private Comparator<Schiff> ordnung;

    Warteliste(Comparator<Schiff> ordnung) { this.ordnung = ordnung; }

    void ordneNach(Comparator<Schiff> neue) {
        if (neue == null) throw new IllegalArgumentException("keine Ordnung");
        ordnung = neue;
    }

    void meldeAn(Schiff s) {
        for (Schiff da : schiffe) if (da.name().equals(s.name())) throw new IllegalStateException(s.name() + " wartet schon");
        schiffe.add(s);
    }

    List<Schiff> reihenfolge() {
        List<Schiff> sortiert = new ArrayList<>(schiffe);
        sortiert.sort(ordnung);
        return sortiert;
    }

    Schiff naechstes() {
        if (schiffe.isEmpty()) throw new IllegalStateException("niemand wartet");
        Schiff s = reihenfolge().get(0);
        schiffe.remove(s);
        return s;
    }

    public static void main(String[] args) {
        Warteliste w = new Warteliste(new WerZuerstKommt());
        w.meldeAn(new Schiff("Tide", 30, 2));
        w.meldeAn(new Schiff("Alma", 12, 5));
        w.meldeAn(new Schiff("Norne", 55, 9));
        System.out.println(w.reihenfolge());
        w.ordneNach(new LaengsteZuerst());
        System.out.println(w.naechstes() + " " + w.reihenfolge());
        w.ordneNach(new NachName());
        System.out.println(w.reihenfolge());
    }
}
