import java.util.ArrayList;
import java.util.List;

abstract class Knoten {
    private final String titel;
    Knoten(String titel) {
        if (titel.isEmpty()) throw new IllegalArgumentException("Titel");
        this.titel = titel;
    }
    String titel() { return titel; }
    abstract void begehe(Wanderer w);
}

class Absatz extends Knoten {
    private final int woerter;
    Absatz(String titel, int woerter) { super(titel); this.woerter = woerter; }
    int woerter() { return woerter; }
    @Override void begehe(Wanderer w) { w.absatz(this); }
}

class Bild extends Knoten {
    private final int breite;
    Bild(String titel, int breite) {
        super(titel);
        if (breite < 10) throw new IllegalArgumentException("Breite");
        this.breite = breite;
    }
    int breite() { return breite; }
    @Override void begehe(Wanderer w) { w.bild(this); }
}

class Kapitel extends Knoten {
    private final List<Knoten> inhalt = new ArrayList<>();
    Kapitel(String titel) { super(titel); }
    Kapitel mit(Knoten k) { inhalt.add(k); return this; }
    @Override void begehe(Wanderer w) {
        if (!w.betritt(this)) return;
        for (Knoten k : inhalt) k.begehe(w);
        w.verlaesst(this);
    }
}

interface Wanderer {
    void absatz(Absatz a);
    void bild(Bild b);
    boolean betritt(Kapitel k);
    void verlaesst(Kapitel k);
}

class WanderAnfang implements Wanderer {
    public void absatz(Absatz a) { }
    public void bild(Bild b) { }
    public boolean betritt(Kapitel k) { return true; }
    public void verlaesst(Kapitel k) { }
}

class Zaehler extends WanderAnfang {
    private int woerter;
    @Override public void absatz(Absatz a) { woerter += a.woerter(); }
    int woerter() { return woerter; }
}

class Verzeichnis extends WanderAnfang {
    private final StringBuilder text = new StringBuilder();
    private int tiefe;
    @Override public boolean betritt(Kapitel k) {
        text.append("  ".repeat(tiefe++)).append(k.titel()).append('\n');
        return tiefe < 4;
    }
    @Override public void verlaesst(Kapitel k) { tiefe--; }
    @Override public void bild(Bild b) { text.append("  ".repeat(tiefe)).append("Abb. ").append(b.titel()).append('\n'); }
    String text() { return text.toString(); }
}

public class Gliederung {
    public static void main(String[] args) {
        Kapitel buch = new Kapitel("Hafenkunde")
            .mit(new Kapitel("Knoten").mit(new Absatz("Palstek", 120)).mit(new Bild("Palstek", 300)))
            .mit(new Absatz("Schluss", 40));
        Zaehler z = new Zaehler();
        Verzeichnis v = new Verzeichnis();
        buch.begehe(z);
        buch.begehe(v);
        System.out.println(z.woerter() + "\n" + v.text());
    }
}
