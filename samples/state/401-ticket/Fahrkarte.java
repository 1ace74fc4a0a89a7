import java.util.ArrayList;
import java.util.List;

interface Kartenzustand {
    Kartenzustand entwerte(Karte k, String schiff);
    Kartenzustand erstatte(Karte k);
    String text();
}

final class Neu implements Kartenzustand {
    public Kartenzustand entwerte(Karte k, String schiff) {
        k.notiere("auf " + schiff);
        return new Entwertet(schiff);
    }
    public Kartenzustand erstatte(Karte k) {
        k.notiere("erstattet");
        return new Erstattet();
    }
    public String text() { return "neu"; }
}

final class Entwertet implements Kartenzustand {
    private final String schiff;
    Entwertet(String schiff) { this.schiff = schiff; }
    public Kartenzustand entwerte(Karte k, String anderes) { throw new IllegalStateException("schon entwertet auf " + schiff); }
    public Kartenzustand erstatte(Karte k) { throw new IllegalStateException("schon gefahren"); }
    public String text() { return "entwertet"; }
}

final class Erstattet implements Kartenzustand {
    public Kartenzustand entwerte(Karte k, String schiff) { throw new IllegalStateException("ungueltig"); }
    public Kartenzustand erstatte(Karte k) { return this; }
    public String text() { return "erstattet"; }
}

class Karte {
    private final String nummer;
    private final List<String> notizen = new ArrayList<>();
    private Kartenzustand zustand = new Neu();
    Karte(String nummer) {
        if (!nummer.matches("F\\d{5}")) throw new IllegalArgumentException("Nummer " + nummer);
        this.nummer = nummer;
    }
    void notiere(String s) { notizen.add(s); }
    void entwerte(String schiff) { zustand = zustand.entwerte(this, schiff); }
    void erstatte() { zustand = zustand.erstatte(this); }
    String anzeige() { return nummer + " " + zustand.text() + notizen; }
}

public class Fahrkarte {
    public static void main(String[] args) {
        Karte a = new Karte("F00012");
        a.entwerte("Alma");
        Karte b = new Karte("F00013");
        b.erstatte();
        System.out.println(a.anzeige() + " " + b.anzeige());
    }
}
