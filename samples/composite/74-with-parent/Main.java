import java.util.*;
abstract class Abteilung {
    private final String name;
    private Bereich ueber;
    Abteilung(String name) { this.name = name; }
    String name() { return name; }
    Bereich ueber() { return ueber; }
    void setzeUeber(Bereich b) { ueber = b; }
    String pfad() { return ueber == null ? name : ueber.pfad() + "/" + name; }
    abstract int leute();
    void hinzu(Abteilung a) { throw new UnsupportedOperationException(name + " hat keine Teile"); }
    void weg(Abteilung a) { throw new UnsupportedOperationException(name + " hat keine Teile"); }
    List<Abteilung> teile() { return List.of(); }
}
class Trupp extends Abteilung {
    private final int leute;
    Trupp(String name, int leute) { super(name); this.leute = leute; }
    @Override int leute() { return leute; }
}
class Bereich extends Abteilung {
    private final Set<Abteilung> teile = new LinkedHashSet<>();
    Bereich(String name) { super(name); }
    @Override int leute() {
        int alle = 1;
        Iterator<Abteilung> i = teile.iterator();
        while (i.hasNext()) alle += i.next().leute();
        return alle;
    }
    @Override void hinzu(Abteilung a) {
        if (a == this) throw new IllegalArgumentException("in sich selbst");
        if (a.ueber() != null) a.ueber().weg(a);
        teile.add(a);
        a.setzeUeber(this);
    }
    @Override void weg(Abteilung a) { if (teile.remove(a)) a.setzeUeber(null); }
    @Override List<Abteilung> teile() { return new ArrayList<>(teile); }
}
class Hafenamt {
    public static void main(String[] args) {
        Bereich h = new Bereich("Hafen"), t = new Bereich("Technik");
        Trupp k = new Trupp("Kran", 4);
        h.hinzu(t); h.hinzu(k); t.hinzu(k);
        System.out.println(h.leute() + " " + k.pfad());
    }
}
