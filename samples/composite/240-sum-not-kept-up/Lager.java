import java.util.ArrayList;
import java.util.List;

abstract class Posten {
    private final String name;
    Posten(String name) {
        if (!name.matches("[A-Z][a-z]+")) throw new IllegalArgumentException("Name: " + name);
        this.name = name;
    }
    String name() { return name; }
    abstract int gewicht();
    abstract void pruefe(List<String> protokoll);
}

class Kiste extends Posten {
    private final int gewicht;
    Kiste(String name, int gewicht) {
        super(name);
        if (gewicht < 1) throw new IllegalArgumentException("Gewicht");
        this.gewicht = gewicht;
    }
    int gewicht() { return gewicht; }
    void pruefe(List<String> protokoll) { protokoll.add(name()); }
}

class Palette extends Posten {
    private final List<Posten> teile = new ArrayList<>();
    private int summe;

    Palette(String name) { super(name); }

    void lade(Posten p) {
        teile.add(p);
        summe += p.gewicht();
    }

    void entlade(Posten p) {
        if (!teile.remove(p)) throw new IllegalArgumentException("nicht geladen: " + p.name());
    }

    int gewicht() { return summe; }

    void pruefe(List<String> protokoll) {
        for (Posten p : teile) p.pruefe(protokoll);
    }
}

public class Lager {
    public static void main(String[] args) {
        Palette p = new Palette("Nord");
        Kiste k = new Kiste("Tee", 12);
        p.lade(k);
        p.lade(new Kiste("Salz", 40));
        Palette q = new Palette("Sued");
        q.lade(p);
        List<String> protokoll = new ArrayList<>();
        q.pruefe(protokoll);
        p.entlade(k);
        System.out.println(q.gewicht() + " " + p.gewicht() + " " + protokoll);
    }
}
