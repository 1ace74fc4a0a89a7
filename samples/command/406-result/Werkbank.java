import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;

class Lagerort {
    private final Map<String, Integer> teile = new HashMap<>();
    int rein(String teil, int n) {
        if (n <= 0) throw new IllegalArgumentException("Anzahl " + n);
        return teile.merge(teil, n, Integer::sum);
    }
    int raus(String teil, int n) throws ZuWenig {
        int da = teile.getOrDefault(teil, 0);
        if (da < n) throw new ZuWenig(teil, da, n);
        if (da == n) teile.remove(teil); else teile.put(teil, da - n);
        return da - n;
    }
    int anzahl(String teil) { return teile.getOrDefault(teil, 0); }
}

class ZuWenig extends Exception {
    ZuWenig(String teil, int da, int noetig) { super(teil + ": " + da + " von " + noetig); }
}

interface Buchung<R> {
    R fuehreAus() throws ZuWenig;
    void nimmZurueck() throws ZuWenig;
}

class Zugang implements Buchung<Integer> {
    private final Lagerort ort;
    private final String teil;
    private final int n;
    Zugang(Lagerort ort, String teil, int n) { this.ort = ort; this.teil = teil; this.n = n; }
    public Integer fuehreAus() { return ort.rein(teil, n); }
    public void nimmZurueck() throws ZuWenig { ort.raus(teil, n); }
}

class Abgang implements Buchung<Integer> {
    private final Lagerort ort;
    private final String teil;
    private final int n;
    Abgang(Lagerort ort, String teil, int n) { this.ort = ort; this.teil = teil; this.n = n; }
    public Integer fuehreAus() throws ZuWenig { return ort.raus(teil, n); }
    public void nimmZurueck() { ort.rein(teil, n); }
}

class Werkmeister {
    private final Deque<Buchung<?>> erledigt = new ArrayDeque<>();
    private int fehler;
    <R> R erledige(Buchung<R> b, R sonst) {
        try {
            R r = b.fuehreAus();
            erledigt.push(b);
            return r;
        } catch (ZuWenig e) {
            fehler++;
            return sonst;
        }
    }
    boolean zurueck() throws ZuWenig {
        if (erledigt.isEmpty()) return false;
        erledigt.pop().nimmZurueck();
        return true;
    }
    int fehler() { return fehler; }
}

public class Werkbank {
    public static void main(String[] args) throws ZuWenig {
        Lagerort l = new Lagerort();
        Werkmeister w = new Werkmeister();
        System.out.println(w.erledige(new Zugang(l, "Schraube", 40), -1));
        System.out.println(w.erledige(new Abgang(l, "Schraube", 15), -1));
        System.out.println(w.erledige(new Abgang(l, "Mutter", 1), -1) + " " + w.fehler());
        w.zurueck();
        System.out.println(l.anzahl("Schraube"));
    }
}
