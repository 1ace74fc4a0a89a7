import java.util.*;
import java.util.concurrent.CopyOnWriteArrayList;

final class Messwert {
    private final String ort;
    private final double cm;
    Messwert(String ort, double cm) { this.ort = ort; this.cm = cm; }
    String ort() { return ort; }
    double cm() { return cm; }
}

interface PegelLauscher {
    void neuerMesswert(Messwert wert);
    default void pegelWeg(String ort) { }
}

class Pegelnetz {
    private final Map<String, Messwert> letzte = new TreeMap<>();
    private final List<PegelLauscher> lauscher = new CopyOnWriteArrayList<>();

    void anmelden(PegelLauscher l) {
        if (lauscher.contains(l)) {
            throw new IllegalStateException("schon angemeldet");
        }
        lauscher.add(l);
    }

    void abmelden(PegelLauscher l) {
        if (!lauscher.remove(l)) throw new NoSuchElementException("nicht angemeldet");
    }

    void messe(String ort, double cm) {
        if (cm < -500 || cm > 1500) throw new IllegalArgumentException("unglaubwürdig: " + cm);
        Messwert alt = letzte.get(ort);
        Messwert neu = new Messwert(ort, cm);
        letzte.put(ort, neu);
        if (alt == null || Math.abs(alt.cm() - cm) >= 0.5) {
            for (PegelLauscher l : lauscher) l.neuerMesswert(neu);
        }
    }

    void ausser(String ort) {
        if (letzte.remove(ort) != null) lauscher.forEach(l -> l.pegelWeg(ort));
    }
}

class Warnanlage implements PegelLauscher {
    private final double grenze;
    private int warnungen;
    Warnanlage(double grenze) { this.grenze = grenze; }
    @Override public void neuerMesswert(Messwert wert) {
        if (wert.cm() > grenze) {
            warnungen++;
            System.out.println("WARNUNG " + wert.ort() + " " + wert.cm());
        }
    }
    int warnungen() { return warnungen; }
}

class Anzeige implements PegelLauscher {
    private final Map<String, Double> tafel = new LinkedHashMap<>();
    @Override public void neuerMesswert(Messwert wert) { tafel.put(wert.ort(), wert.cm()); }
    @Override public void pegelWeg(String ort) { tafel.remove(ort); }
    void zeige() { tafel.forEach((o, c) -> System.out.println(o + ": " + c)); }
}

class Protokoll implements PegelLauscher {
    private final StringBuilder zeilen = new StringBuilder();
    @Override public void neuerMesswert(Messwert wert) { zeilen.append(wert.ort()).append('=').append(wert.cm()).append('\n'); }
    @Override public String toString() { return zeilen.toString(); }
}

public class Main {
    public static void main(String[] args) {
        Pegelnetz netz = new Pegelnetz();
        Anzeige anzeige = new Anzeige();
        Warnanlage warn = new Warnanlage(620);
        Protokoll p = new Protokoll();
        netz.anmelden(anzeige);
        netz.anmelden(warn);
        netz.anmelden(p);
        netz.messe("Nordmole", 540);
        netz.messe("Nordmole", 640.5);
        netz.abmelden(p);
        netz.messe("Schleuse", 512);
        netz.ausser("Nordmole");
        anzeige.zeige();
        System.out.println(p);
        System.out.println(warn.warnungen());
    }
}
