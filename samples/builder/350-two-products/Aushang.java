import java.util.ArrayList;
import java.util.List;

interface Aushangbauer {
    void ueberschrift(String text);
    void zeile(String links, String rechts);
    void fuss(String text);
}

class TextBauer implements Aushangbauer {
    private final StringBuilder b = new StringBuilder();
    public void ueberschrift(String t) {
        if (t.isBlank()) throw new IllegalArgumentException("Ueberschrift");
        b.append(t.toUpperCase()).append('\n');
    }
    public void zeile(String l, String r) { b.append(l).append(" ... ").append(r).append('\n'); }
    public void fuss(String t) { b.append("-- ").append(t); }
    String text() { return b.toString(); }
}

class Tabelle {
    private final String titel;
    private final List<String[]> reihen;
    private final String fuss;
    Tabelle(String titel, List<String[]> reihen, String fuss) { this.titel = titel; this.reihen = reihen; this.fuss = fuss; }
    int reihen() { return reihen.size(); }
    @Override public String toString() { return titel + "/" + reihen.size() + "/" + fuss; }
}

class TabellenBauer implements Aushangbauer {
    private String titel = "";
    private final List<String[]> reihen = new ArrayList<>();
    private String fuss = "";
    public void ueberschrift(String t) { titel = t; }
    public void zeile(String l, String r) { reihen.add(new String[] {l, r}); }
    public void fuss(String t) { fuss = t; }
    Tabelle tabelle() { return new Tabelle(titel, List.copyOf(reihen), fuss); }
}

class Fahrplanaushang {
    private final List<String> abfahrten = new ArrayList<>();
    void abfahrt(String zeit, String ziel) {
        if (!zeit.matches("\\d\\d:\\d\\d")) throw new IllegalArgumentException("Zeit " + zeit);
        abfahrten.add(zeit + ";" + ziel);
    }
    void schreibe(Aushangbauer b) {
        b.ueberschrift("Abfahrten");
        for (String a : abfahrten) b.zeile(a.split(";")[0], a.split(";")[1]);
        b.fuss(abfahrten.size() + " Fahrten");
    }
}

public class Aushang {
    public static void main(String[] args) {
        Fahrplanaushang f = new Fahrplanaushang();
        f.abfahrt("08:15", "Insel");
        f.abfahrt("09:40", "Sund");
        TextBauer t = new TextBauer();
        TabellenBauer u = new TabellenBauer();
        f.schreibe(t);
        f.schreibe(u);
        System.out.println(t.text() + "\n" + u.tabelle());
    }
}
