import java.util.*;
interface Ladung { double zoll(int kilo); boolean kuehl(); }
class Tee implements Ladung { public double zoll(int k) { return k * 0.8; } public boolean kuehl() { return false; } }
class Fisch implements Ladung { public double zoll(int k) { return 0; } public boolean kuehl() { return true; } }
class Rum implements Ladung {
    private final int prozent;
    Rum(int prozent) { this.prozent = prozent; }
    public double zoll(int k) { return k * prozent * 0.1; }
    public boolean kuehl() { return false; }
}
enum Sorte {
    TEE { Ladung mache() { return new Tee(); } },
    FISCH { Ladung mache() { return new Fisch(); } },
    RUM { Ladung mache() { return new Rum(54); } };
    abstract Ladung mache();
    static Ladung aus(String wort) { return valueOf(wort.toUpperCase(Locale.ROOT)).mache(); }
}
class Zollhaus {
    double abfertigen(List<String> sorten, int kilo) {
        double summe = 0;
        for (String s : sorten) {
            Ladung l = Sorte.aus(s);
            summe += l.zoll(kilo) + (l.kuehl() ? 12 : 0);
        }
        return summe;
    }
    public static void main(String[] args) { System.out.println(new Zollhaus().abfertigen(List.of("tee", "rum"), 10)); }
}
