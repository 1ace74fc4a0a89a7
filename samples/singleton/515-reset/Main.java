import java.util.*;

final class Kasse {
    private static Kasse kasse = new Kasse();
    private long cent;
    private Kasse() {}
    static Kasse die() { return kasse; }
    static void tagesabschluss() { System.out.println("Bestand " + kasse.cent); kasse = new Kasse(); }
    void ein(long c) { if (c <= 0) throw new IllegalArgumentException("nichts eingenommen"); cent += c; }
    long bestand() { return cent; }
}
class Stand { private final Kasse k = Kasse.die(); void verkauf(long c) { k.ein(c); } }
class Abend { public static void main(String[] a) { Stand s = new Stand(); s.verkauf(5); Kasse.tagesabschluss(); s.verkauf(7); System.out.println(Kasse.die().bestand()); } }
