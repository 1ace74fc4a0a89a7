import java.util.*;
interface Befehl { void tu(); void zurueck(); default String titel() { return getClass().getSimpleName(); } }
class Kran {
    private int hoehe, last;
    void heben(int m) { hoehe += m; }
    void senken(int m) { hoehe -= m; }
    void greifen(int t) { last = t; }
    int loslassen() { int t = last; last = 0; return t; }
    int hoehe() { return hoehe; }
    int last() { return last; }
}
class Heben implements Befehl {
    private final Kran kran; private final int m;
    Heben(Kran kran, int m) { this.kran = kran; this.m = m; }
    public void tu() { kran.heben(m); }
    public void zurueck() { kran.senken(m); }
}
class Greifen implements Befehl {
    private final Kran kran; private final int t; private int vorher;
    Greifen(Kran kran, int t) { this.kran = kran; this.t = t; }
    public void tu() { vorher = kran.last(); kran.greifen(t); }
    public void zurueck() { kran.greifen(vorher); }
    public String titel() { return "Greifen " + t; }
}
class Folge implements Befehl {
    private final List<Befehl> teile;
    Folge(Befehl... teile) { this.teile = List.of(teile); }
    public void tu() { teile.forEach(Befehl::tu); }
    public void zurueck() { for (int i = teile.size() - 1; i >= 0; i--) teile.get(i).zurueck(); }
}
class Steuerpult {
    private final Deque<Befehl> getan = new ArrayDeque<>(), offen = new ArrayDeque<>();
    void druecke(Befehl b) { b.tu(); getan.push(b); offen.clear(); }
    boolean rueckgaengig() {
        if (getan.isEmpty()) return false;
        Befehl b = getan.pop(); b.zurueck(); offen.push(b);
        return true;
    }
    boolean wiederholen() {
        if (offen.isEmpty()) return false;
        Befehl b = offen.pop(); b.tu(); getan.push(b);
        return true;
    }
    List<String> verlauf() { return getan.stream().map(Befehl::titel).toList(); }
}
class Schicht {
    public static void main(String[] args) {
        Kran k = new Kran(); Steuerpult p = new Steuerpult();
        p.druecke(new Heben(k, 4)); p.druecke(new Folge(new Greifen(k, 9), new Heben(k, 2)));
        p.rueckgaengig(); p.wiederholen();
        System.out.println(k.hoehe() + " " + k.last() + " " + p.verlauf());
    }
}
