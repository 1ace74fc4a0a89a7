import java.util.*;

class Blatt { final StringBuilder text = new StringBuilder(); }
interface Befehl { void ausfuehren(); void zurueck(); }
class Anhaengen implements Befehl {
    private final Blatt blatt; private final String was;
    Anhaengen(Blatt b, String was) { blatt = b; this.was = was; }
    public void ausfuehren() { blatt.text.append(was); }
    public void zurueck() { blatt.text.setLength(0); }
}
class GrossSchreiben implements Befehl {
    private final Blatt blatt; private String vorher = "";
    GrossSchreiben(Blatt b) { blatt = b; }
    public void ausfuehren() { vorher = blatt.text.toString(); String g = vorher.toUpperCase(); blatt.text.setLength(0); blatt.text.append(g); }
    public void zurueck() { blatt.text.setLength(0); blatt.text.append(vorher); }
}
class Schreiber {
    private final Deque<Befehl> verlauf = new ArrayDeque<>();
    void tu(Befehl b) { b.ausfuehren(); verlauf.push(b); }
    void zurueck() { if (!verlauf.isEmpty()) verlauf.pop().zurueck(); }
    public static void main(String[] a) { Blatt b = new Blatt(); Schreiber s = new Schreiber(); s.tu(new Anhaengen(b, "Kurs ")); s.tu(new Anhaengen(b, "Nord")); s.zurueck(); System.out.println(b.text); }
}
