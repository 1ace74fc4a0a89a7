import java.util.*;

interface Wind { double faktor(double knoten); boolean gefaehrlich(); String bericht(); }
class Rueckenwind implements Wind { private final int staerke; Rueckenwind(int s) { if (s < 0 || s > 12) throw new IllegalArgumentException("0 bis 12"); staerke = s; } public double faktor(double k) { return 1 + staerke / 20.0; } public boolean gefaehrlich() { return staerke > 8; } public String bericht() { return "von achtern " + staerke; } }
class Gegenwind implements Wind { private final int staerke; Gegenwind(int s) { staerke = s; } public double faktor(double k) { return k < 5 ? 0.5 : 0.8; } public boolean gefaehrlich() { return staerke > 6; } public String bericht() { return "von vorn " + staerke; } }
final class Flaute implements Wind { static final Flaute IMMER = new Flaute(); private Flaute() {} public double faktor(double k) { return 1; } public boolean gefaehrlich() { return false; } public String bericht() { return ""; } }
class Fahrt {
    private final double knoten; private Wind wind; private final List<String> buch = new ArrayList<>();
    Fahrt(double knoten) { this(knoten, Flaute.IMMER); }
    Fahrt(double knoten, Wind wind) { if (knoten <= 0) throw new IllegalArgumentException("Fahrt"); this.knoten = knoten; this.wind = wind; }
    void wetter(Wind w) { wind = Objects.requireNonNullElse(w, Flaute.IMMER); buch.add(wind.bericht()); }
    double stunden(double meilen) { return meilen / (knoten * wind.faktor(knoten)); }
    boolean auslaufen() { return !wind.gefaehrlich(); }
    public static void main(String[] a) { Fahrt f = new Fahrt(8); System.out.println(f.stunden(40)); f.wetter(new Gegenwind(7)); System.out.println(f.stunden(40) + " " + f.auslaufen()); f.wetter(null); System.out.println(f.auslaufen()); }
}
