/* Die alte Waage wiegt in Zentnern, der Kran will Kilogramm. */
interface Gewichtsgeber { int kilogramm(); boolean bereit(); }

class Zentnerwaage {
    private double zentner;
    private boolean an;
    void einschalten() { an = true; }
    void auflegen(double z) { zentner = z; }
    double anzeige() { return an ? zentner : 0; }
    boolean istAn() { return an; }
}

class Waagenstecker implements Gewichtsgeber {
    private final Zentnerwaage waage;
    Waagenstecker(Zentnerwaage w) { waage = w; }
    public int kilogramm() { return (int) Math.round(waage.anzeige() * 50); }
    public boolean bereit() { return waage.istAn(); }
}

class Kran {
    private final Gewichtsgeber geber;
    private final int grenze;
    Kran(Gewichtsgeber geber, int grenze) { this.geber = geber; this.grenze = grenze; }
    boolean darfHeben() { return geber.bereit() && geber.kilogramm() <= grenze; }
}

class Probe {
    public static void main(String[] args) {
        Zentnerwaage w = new Zentnerwaage();
        w.einschalten();
        w.auflegen(12.5);
        System.out.println(new Kran(new Waagenstecker(w), 1000).darfHeben());
    }
}
