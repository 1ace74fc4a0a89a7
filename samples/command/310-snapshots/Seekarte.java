import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

class Plan {
    private List<String> tonnen = new ArrayList<>();
    void setze(String t) {
        if (!t.matches("[A-Z]\\d")) throw new IllegalArgumentException("Tonne " + t);
        if (tonnen.contains(t)) throw new IllegalStateException(t + " liegt schon");
        tonnen.add(t);
    }
    void hole(String t) {
        if (!tonnen.remove(t)) throw new IllegalStateException(t + " liegt nicht");
    }
    void leere() { tonnen.clear(); }
    List<String> stand() { return new ArrayList<>(tonnen); }
    void stelleHer(List<String> alt) { tonnen = new ArrayList<>(alt); }
    @Override public String toString() { return tonnen.toString(); }
}

abstract class Auftrag {
    protected final Plan plan;
    private List<String> vorher;
    Auftrag(Plan plan) { this.plan = plan; }
    final void ausfuehren() {
        List<String> stand = plan.stand();
        tun();
        vorher = stand;
    }
    final void zurueck() {
        if (vorher == null) throw new IllegalStateException("noch nicht ausgefuehrt");
        plan.stelleHer(vorher);
    }
    protected abstract void tun();
}

class Setzen extends Auftrag {
    private final String t;
    Setzen(Plan p, String t) { super(p); this.t = t; }
    protected void tun() { plan.setze(t); }
}

class Holen extends Auftrag {
    private final String t;
    Holen(Plan p, String t) { super(p); this.t = t; }
    protected void tun() { plan.hole(t); }
}

class Leeren extends Auftrag {
    Leeren(Plan p) { super(p); }
    protected void tun() { plan.leere(); }
}

class Folge extends Auftrag {
    private final List<Auftrag> teile;
    Folge(Plan p, List<Auftrag> teile) { super(p); this.teile = List.copyOf(teile); }
    protected void tun() { teile.forEach(Auftrag::ausfuehren); }
}

class Zeichner {
    private final Deque<Auftrag> getan = new ArrayDeque<>();
    private final Map<String, Function<String, Auftrag>> worte = new HashMap<>();
    void lerne(String wort, Function<String, Auftrag> wie) {
        if (worte.putIfAbsent(wort, wie) != null) throw new IllegalArgumentException("bekannt: " + wort);
    }
    void lies(String zeile) {
        String[] teile = zeile.split(" ");
        Function<String, Auftrag> wie = worte.get(teile[0]);
        if (wie == null) throw new IllegalArgumentException("unbekannt: " + teile[0]);
        tu(wie.apply(teile.length > 1 ? teile[1] : ""));
    }
    void tu(Auftrag a) {
        a.ausfuehren();
        getan.push(a);
    }
    void rueckgaengig() {
        if (getan.isEmpty()) throw new IllegalStateException("nichts getan");
        getan.pop().zurueck();
    }
}

public class Seekarte {
    public static void main(String[] args) {
        Plan p = new Plan();
        Zeichner z = new Zeichner();
        z.lerne("setze", t -> new Setzen(p, t));
        z.lerne("hole", t -> new Holen(p, t));
        z.lerne("leere", t -> new Leeren(p));
        z.lies("setze A1");
        z.lies("setze B2");
        z.tu(new Folge(p, List.of(new Holen(p, "A1"), new Setzen(p, "C3"))));
        System.out.println(p);
        z.rueckgaengig();
        z.lies("leere");
        z.rueckgaengig();
        System.out.println(p);
    }
}
