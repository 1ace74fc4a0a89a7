import java.util.*;

interface Kontext { double kurs(String waehrung); }
interface Gebuehr { <E, P> E nimm(GebuehrenBesucher<E, P> b, P mit); }
final class Fest implements Gebuehr { final double euro; Fest(double e) { euro = e; } public <E, P> E nimm(GebuehrenBesucher<E, P> b, P mit) { return b.fest(this, mit); } }
final class JeMeter implements Gebuehr { final double satz; JeMeter(double s) { satz = s; } public <E, P> E nimm(GebuehrenBesucher<E, P> b, P mit) { return b.jeMeter(this, mit); } }
final class InWaehrung implements Gebuehr { final String waehrung; final Gebuehr basis; InWaehrung(String w, Gebuehr g) { if (w.length() != 3) throw new IllegalArgumentException("drei Buchstaben"); waehrung = w; basis = g; } public <E, P> E nimm(GebuehrenBesucher<E, P> b, P mit) { return b.inWaehrung(this, mit); } }
interface GebuehrenBesucher<E, P> { E fest(Fest f, P mit); E jeMeter(JeMeter j, P mit); E inWaehrung(InWaehrung w, P mit); }
class Berechnung implements GebuehrenBesucher<Double, Double> {
    private final Kontext kontext; Berechnung(Kontext k) { kontext = k; }
    public Double fest(Fest f, Double meter) { return f.euro; }
    public Double jeMeter(JeMeter j, Double meter) { return j.satz * meter; }
    public Double inWaehrung(InWaehrung w, Double meter) { return w.basis.nimm(this, meter) * kontext.kurs(w.waehrung); }
}
class Erklaerung implements GebuehrenBesucher<String, Locale> {
    public String fest(Fest f, Locale l) { return String.format(l, "fest %.2f", f.euro); }
    public String jeMeter(JeMeter j, Locale l) { return String.format(l, "%.2f je Meter", j.satz); }
    public String inWaehrung(InWaehrung w, Locale l) { return w.basis.nimm(this, l) + " in " + w.waehrung; }
}
class Gebuehrenbuch { public static void main(String[] a) { Gebuehr g = new InWaehrung("NOK", new JeMeter(2)); System.out.println(g.nimm(new Berechnung(x -> 11.5), 10.0) + " " + g.nimm(new Erklaerung(), Locale.ROOT)); } }
