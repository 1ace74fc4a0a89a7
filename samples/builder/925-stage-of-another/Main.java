import java.util.*;

interface Ladeplan { int kisten(); double gewicht(); String ziel(); }
interface ZielSchritt { LadeSchritt nach(String ziel); }
interface LadeSchritt { LadeSchritt kiste(String was, double kilo); LadeSchritt palette(double kilo, String... was); Ladeplan fertig(); }
final class Ladeplanung implements ZielSchritt, LadeSchritt {
    private String ziel; private final Map<String, Double> kisten = new LinkedHashMap<>(); private final double grenze;
    private Ladeplanung(double grenze) { this.grenze = grenze; }
    static ZielSchritt bis(double tonnen) { if (tonnen <= 0 || tonnen > 40) throw new IllegalArgumentException("bis 40 t"); return new Ladeplanung(tonnen * 1000); }
    public LadeSchritt nach(String ziel) { this.ziel = Objects.requireNonNull(ziel); return this; }
    public LadeSchritt kiste(String was, double kilo) { if (kilo <= 0) throw new IllegalArgumentException("Gewicht"); kisten.merge(was, kilo, Double::sum); return this; }
    public LadeSchritt palette(double kilo, String... was) { for (String w : was) kiste(w, kilo / was.length); return this; }
    public Ladeplan fertig() {
        double summe = kisten.values().stream().mapToDouble(Double::doubleValue).sum();
        if (summe > grenze) throw new IllegalStateException("überladen: " + summe);
        return new Plan(ziel, new TreeMap<>(kisten), summe);
    }
    private record Plan(String ziel, SortedMap<String, Double> inhalt, double gewicht) implements Ladeplan { public int kisten() { return inhalt.size(); } }
}
class Verladung { public static void main(String[] a) { Ladeplan p = Ladeplanung.bis(2).nach("Oslo").kiste("Tee", 40).palette(300, "Seil", "Farbe").fertig(); System.out.println(p.kisten() + " " + p.gewicht() + " " + p.ziel()); } }
