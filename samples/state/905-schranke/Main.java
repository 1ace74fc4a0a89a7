import java.util.*;

class Parkhaus {
    private Lage lage = new Offen();
    private final int plaetze;
    private int belegt;

    Parkhaus(int plaetze) {
        if (plaetze <= 0) throw new IllegalArgumentException("plaetze");
        this.plaetze = plaetze;
    }

    private interface Lage {
        Lage einfahrt();
        Lage ausfahrt();
        Lage schluss();
        String schild();
    }

    private class Offen implements Lage {
        public Lage einfahrt() {
            belegt++;
            return belegt == plaetze ? new Voll() : this;
        }
        public Lage ausfahrt() {
            if (belegt == 0) throw new IllegalStateException("niemand da");
            belegt--;
            return this;
        }
        public Lage schluss() { return new Zu(); }
        public String schild() { return "frei: " + (plaetze - belegt); }
    }

    private class Voll implements Lage {
        public Lage einfahrt() { throw new IllegalStateException("besetzt"); }
        public Lage ausfahrt() { belegt--; return new Offen(); }
        public Lage schluss() { return new Zu(); }
        public String schild() { return "BESETZT"; }
    }

    private class Zu implements Lage {
        public Lage einfahrt() { throw new IllegalStateException("geschlossen"); }
        public Lage ausfahrt() { if (belegt > 0) belegt--; return this; }
        public Lage schluss() { return belegt < plaetze ? new Offen() : new Voll(); }
        public String schild() { return "geschlossen"; }
    }

    void einfahren() { lage = lage.einfahrt(); }
    void ausfahren() { lage = lage.ausfahrt(); }
    void umschalten() { lage = lage.schluss(); }
    String schild() { return lage.schild(); }
}

public class Main {
    public static void main(String[] args) {
        Parkhaus p = new Parkhaus(2);
        p.einfahren();
        System.out.println(p.schild());
        p.einfahren();
        System.out.println(p.schild());
        try { p.einfahren(); } catch (IllegalStateException e) { System.out.println(e.getMessage()); }
        p.ausfahren();
        p.umschalten();
        System.out.println(p.schild());
        p.umschalten();
        System.out.println(p.schild());
    }
}
