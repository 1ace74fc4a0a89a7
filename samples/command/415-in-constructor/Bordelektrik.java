import java.util.ArrayList;
import java.util.List;

class Lampe {
    private boolean an;
    private final String ort;
    Lampe(String ort) {
        if (ort.isBlank()) throw new IllegalArgumentException("Ort");
        this.ort = ort;
    }
    void ein() { an = true; }
    void aus() { an = false; }
    boolean brennt() { return an; }
    String ort() { return ort; }
}

interface Schaltung {
    void schalte();
}

class Einschalten implements Schaltung {
    private final Lampe lampe;
    Einschalten(Lampe lampe) {
        this.lampe = lampe;
        lampe.ein();
    }
    public void schalte() { }
}

class Ausschalten implements Schaltung {
    private final Lampe lampe;
    Ausschalten(Lampe lampe) { this.lampe = lampe; }
    public void schalte() { lampe.aus(); }
}

class Schaltplan {
    private final List<Schaltung> alle = new ArrayList<>();
    void plane(Schaltung s) { alle.add(s); }
    void fuehreAus() {
        for (Schaltung s : alle) s.schalte();
        alle.clear();
    }
}

public class Bordelektrik {
    public static void main(String[] args) {
        Lampe top = new Lampe("Topp");
        Lampe heck = new Lampe("Heck");
        heck.ein();
        Schaltplan p = new Schaltplan();
        p.plane(new Einschalten(top));
        p.plane(new Ausschalten(heck));
        p.fuehreAus();
        System.out.println(top.brennt() + " " + heck.brennt());
    }
}
