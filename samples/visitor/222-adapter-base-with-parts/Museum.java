import java.util.ArrayList;
import java.util.List;

interface Ausstellbar {
    <R> R nimm(Besucher<R> b);
}

interface Besucher<R> {
    R modell(Modell m);
    R bild(Bild b);
    R raum(Raum r);
}

abstract class Grundbesucher<R> implements Besucher<R> {
    protected abstract R nichts();
    @Override public R modell(Modell m) { return nichts(); }
    @Override public R bild(Bild b) { return nichts(); }
    @Override public R raum(Raum r) { return nichts(); }
}

final class Modell implements Ausstellbar {
    private final String nummer;
    private final int wert;
    Modell(String nummer, int wert) {
        if (!nummer.matches("M\\d{3}")) throw new IllegalArgumentException("Nummer " + nummer);
        this.nummer = nummer;
        this.wert = wert;
    }
    String nummer() { return nummer; }
    int wert() { return wert; }
    @Override public <R> R nimm(Besucher<R> b) { return b.modell(this); }
}

final class Bild implements Ausstellbar {
    private final String titel;
    private final int breite;
    Bild(String titel, int breite) {
        if (breite < 10) throw new IllegalArgumentException("Breite " + breite);
        this.titel = titel;
        this.breite = breite;
    }
    String titel() { return titel; }
    int breite() { return breite; }
    @Override public <R> R nimm(Besucher<R> b) { return b.bild(this); }
}

final class Raum implements Ausstellbar {
    private final List<Ausstellbar> inhalt = new ArrayList<>();
    Raum stelle(Ausstellbar a) {
        if (a == this) throw new IllegalArgumentException("in sich selbst");
        inhalt.add(a);
        return this;
    }
    List<Ausstellbar> inhalt() { return List.copyOf(inhalt); }
    @Override public <R> R nimm(Besucher<R> b) { return b.raum(this); }
}

class Wert extends Grundbesucher<Integer> {
    @Override protected Integer nichts() { return 0; }
    @Override public Integer modell(Modell m) { return m.wert(); }
    @Override public Integer raum(Raum r) {
        int summe = 0;
        for (Ausstellbar a : r.inhalt()) summe += a.nimm(this);
        return summe;
    }
}

class Katalog implements Besucher<String> {
    @Override public String modell(Modell m) { return m.nummer(); }
    @Override public String bild(Bild b) { return b.titel() + " (" + b.breite() + " cm)"; }
    @Override public String raum(Raum r) {
        List<String> zeilen = new ArrayList<>();
        r.inhalt().forEach(a -> zeilen.add(a.nimm(this)));
        return String.join(", ", zeilen);
    }
}

public class Museum {
    public static void main(String[] args) {
        Raum r = new Raum().stelle(new Modell("M017", 400)).stelle(new Bild("Sturmflut", 80));
        Raum alles = new Raum().stelle(r).stelle(new Modell("M100", 250));
        System.out.println(alles.nimm(new Wert()));
        System.out.println(alles.nimm(new Katalog()));
    }
}
