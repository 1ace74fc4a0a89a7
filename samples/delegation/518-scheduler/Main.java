import java.util.*;

interface Kran { int heben(int tonnen); String zustand(); }
class Portalkran implements Kran {
    private int gehoben;
    public int heben(int t) { if (t > 40) throw new IllegalArgumentException("zu schwer"); gehoben += t; return gehoben; }
    public String zustand() { return "Portal, " + gehoben + " t"; }
}
class Mobilkran implements Kran {
    private final int grenze; private int fahrten;
    Mobilkran(int grenze) { this.grenze = grenze; }
    public int heben(int t) { int n = (t + grenze - 1) / grenze; fahrten += n; return n; }
    public String zustand() { return "mobil, " + fahrten + " Hübe"; }
}
class Liegeplatz implements Kran {
    private final String nummer; private final Kran kran; private final List<Integer> protokoll = new ArrayList<>();
    Liegeplatz(String nummer, Kran kran) {
        if (!nummer.matches("[A-F]\\d{2}")) throw new IllegalArgumentException("Liegeplatz " + nummer);
        this.nummer = nummer; this.kran = kran;
    }
    @Override public int heben(int tonnen) { int r = kran.heben(tonnen); protokoll.add(tonnen); return r; }
    @Override public String zustand() { return nummer + ": " + kran.zustand() + ", zuletzt " + (protokoll.isEmpty() ? "nichts" : protokoll.get(protokoll.size() - 1)); }
}
class Umschlag { public static void main(String[] a) { Kran k = new Liegeplatz("B12", new Mobilkran(8)); k.heben(20); System.out.println(k.zustand()); } }
