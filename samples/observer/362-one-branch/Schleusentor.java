import java.util.ArrayList;
import java.util.List;

interface Torwaechter {
    void tor(String zustand, int prozent);
}

class Tor {
    private final List<Torwaechter> waechter = new ArrayList<>();
    private int prozent;
    private boolean gesperrt;
    void fuegeHinzu(Torwaechter w) { waechter.add(w); }
    void entferne(Torwaechter w) { waechter.remove(w); }
    void stelle(int neu) {
        if (gesperrt) throw new IllegalStateException("gesperrt");
        if (neu < 0 || neu > 100) throw new IllegalArgumentException("Prozent " + neu);
        if (neu > prozent) {
            prozent = neu;
            sage();
        } else {
            prozent = neu;
        }
    }
    void sperre() { gesperrt = true; sage(); }
    void gibFrei() { gesperrt = false; sage(); }
    int prozent() { return prozent; }
    private void sage() { for (Torwaechter w : waechter) w.tor(gesperrt ? "gesperrt" : "frei", prozent); }
}

class Ampel implements Torwaechter {
    String farbe = "rot";
    public void tor(String zustand, int prozent) { farbe = zustand.equals("frei") && prozent == 100 ? "gruen" : "rot"; }
}

class Pumpe implements Torwaechter {
    boolean laeuft;
    public void tor(String zustand, int prozent) { laeuft = prozent == 0; }
}

public class Schleusentor {
    public static void main(String[] args) {
        Tor t = new Tor();
        Ampel a = new Ampel();
        Pumpe p = new Pumpe();
        t.fuegeHinzu(a);
        t.fuegeHinzu(p);
        t.stelle(100);
        System.out.println(a.farbe);
        t.stelle(0);
        System.out.println(a.farbe + " " + p.laeuft);
    }
}
