interface Gewichtsgeber { int kilogramm(); }
class Zentnerwaage {
    private double zentner;
    void auflegen(double z) { zentner = z; }
    double anzeige() { return zentner; }
}
class Federwaage implements Gewichtsgeber {
    public int kilogramm() { return 80; }
}
class Waagenstecker {
    private final Zentnerwaage waage;
    Waagenstecker(Zentnerwaage w) { waage = w; }
    public int kilogramm() { return (int) Math.round(waage.anzeige() * 50); }
}
class Kran {
    private final Gewichtsgeber geber;
    Kran(Gewichtsgeber geber) { this.geber = geber; }
    boolean darfHeben() { return geber.kilogramm() <= 500; }
}
