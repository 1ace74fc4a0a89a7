import java.util.*;

class Leuchtfeuer {
    private static Leuchtfeuer feuer;
    private boolean an;
    private Leuchtfeuer() { }
    public static Leuchtfeuer hole() {
        Leuchtfeuer f = feuer;
        if (f == null) { f = new Leuchtfeuer(); }
        return f;
    }
    public void schalte(boolean an) { this.an = an; }
    public boolean istAn() { return an; }
}
class Waerter { void abend() { Leuchtfeuer.hole().schalte(true); } }
class Schiff { boolean siehtLicht() { return Leuchtfeuer.hole().istAn(); } }
class Nacht { public static void main(String[] a) { new Waerter().abend(); System.out.println(new Schiff().siehtLicht()); } }
