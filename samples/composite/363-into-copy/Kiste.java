import java.util.ArrayList;
import java.util.List;

abstract class Gut {
    abstract int kilo();
    abstract void drucke(StringBuilder b);
}

class Stueck extends Gut {
    private final String was;
    private final int kilo;
    Stueck(String was, int kilo) {
        if (kilo <= 0) throw new IllegalArgumentException("kilo");
        this.was = was;
        this.kilo = kilo;
    }
    int kilo() { return kilo; }
    void drucke(StringBuilder b) { b.append(was).append(' '); }
}

class Behaelter extends Gut {
    private final int leer;
    private List<Gut> inhalt = new ArrayList<>();
    Behaelter(int leer) { this.leer = leer; }
    List<Gut> inhalt() { return new ArrayList<>(inhalt); }
    void packe(Gut g) {
        if (g == this) throw new IllegalArgumentException("in sich selbst");
        inhalt().add(g);
    }
    int kilo() {
        int s = leer;
        for (Gut g : inhalt) s += g.kilo();
        return s;
    }
    void drucke(StringBuilder b) {
        b.append("[ ");
        for (Gut g : inhalt) g.drucke(b);
        b.append("] ");
    }
}

public class Kiste {
    public static void main(String[] args) {
        Behaelter b = new Behaelter(3);
        Behaelter c = new Behaelter(2);
        c.packe(new Stueck("Anker", 40));
        b.packe(c);
        b.packe(new Stueck("Tau", 9));
        StringBuilder s = new StringBuilder();
        b.drucke(s);
        System.out.println(s + " " + b.kilo());
    }
}
