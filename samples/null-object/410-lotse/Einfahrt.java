import java.util.ArrayList;
import java.util.List;

abstract class Lotse {
    abstract String name();
    abstract int honorar(int meilen);
    abstract void fuehre(Schiff s);

    static Lotse keiner() { return OHNE; }

    private static final Lotse OHNE = new Lotse() {
        @Override String name() { return ""; }
        @Override int honorar(int meilen) { return 0; }
        @Override void fuehre(Schiff s) { }
    };
}

class Hafenlotse extends Lotse {
    private final String name;
    private int fahrten;
    Hafenlotse(String name) {
        if (name.isBlank()) throw new IllegalArgumentException("Name");
        this.name = name;
    }
    String name() { return name; }
    int honorar(int meilen) {
        if (meilen < 1) throw new IllegalArgumentException("Meilen");
        return 80 + 12 * meilen;
    }
    void fuehre(Schiff s) { fahrten++; s.melde(name + " an Bord"); }
    int fahrten() { return fahrten; }
}

class Schiff {
    private final String name;
    private final List<String> log = new ArrayList<>();
    private Lotse lotse = Lotse.keiner();
    Schiff(String name) { this.name = name; }
    void nimm(Lotse l) { lotse = l; }
    void melde(String s) { log.add(s); }
    int laufeEin(int meilen) {
        lotse.fuehre(this);
        log.add(name + " laeuft ein");
        return 100 + lotse.honorar(meilen);
    }
    List<String> log() { return log; }
}

public class Einfahrt {
    public static void main(String[] args) {
        Schiff a = new Schiff("Alma");
        System.out.println(a.laufeEin(4) + " " + a.log());
        Schiff b = new Schiff("Tide");
        b.nimm(new Hafenlotse("Brar"));
        System.out.println(b.laufeEin(4) + " " + b.log());
    }
}
