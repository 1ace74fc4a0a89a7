import java.util.*;
abstract class Knoten {
    private final List<Knoten> unter = new ArrayList<>();
    Knoten unter(Knoten k) { unter.add(k); return this; }
    final void durchlaufe(Pruefer p) {
        besuchtVon(p);
        for (Knoten k : unter) k.durchlaufe(p);
    }
    abstract void besuchtVon(Pruefer p);
}
class Mole extends Knoten { int laenge; Mole(int l) { laenge = l; } void besuchtVon(Pruefer p) { p.pruefeMole(this); } }
class Poller extends Knoten { boolean lose; Poller(boolean l) { lose = l; } void besuchtVon(Pruefer p) { p.pruefePoller(this); } }
class Leiter extends Knoten { int sprossen = 12; void besuchtVon(Pruefer p) { p.pruefeLeiter(this); } }
interface Pruefer {
    void pruefeMole(Mole m);
    void pruefePoller(Poller p);
    void pruefeLeiter(Leiter l);
}
class Maengel implements Pruefer {
    private final List<String> liste = new ArrayList<>();
    public void pruefeMole(Mole m) { if (m.laenge > 500) liste.add("zu lang"); }
    public void pruefePoller(Poller p) { if (p.lose) liste.add("lose"); }
    public void pruefeLeiter(Leiter l) { if (l.sprossen < 10) liste.add("zu kurz"); }
    List<String> liste() { return liste; }
}
class Zaehler implements Pruefer {
    private final Map<String, Integer> zahl = new TreeMap<>();
    public void pruefeMole(Mole m) { plus("Mole"); }
    public void pruefePoller(Poller p) { plus("Poller"); }
    public void pruefeLeiter(Leiter l) { plus("Leiter"); }
    private void plus(String was) { zahl.merge(was, 1, Integer::sum); }
    Map<String, Integer> zahl() { return zahl; }
}
class Begehung {
    public static void main(String[] args) {
        Knoten k = new Mole(300).unter(new Poller(true)).unter(new Mole(20).unter(new Leiter()));
        Zaehler z = new Zaehler(); Maengel m = new Maengel();
        k.durchlaufe(z); k.durchlaufe(m);
        System.out.println(z.zahl() + " " + m.liste());
    }
}
