import java.util.*;

interface Schritt {
    void tun() throws KranFehler;
    void zurueck() throws KranFehler;
    String text();
}

class KranFehler extends Exception {
    KranFehler(String s) { super(s); }
}

class Kran {
    private int winkel;
    private String last;
    private int hoehe;

    void drehe(int grad) throws KranFehler {
        int neu = winkel + grad;
        if (neu < -180 || neu > 180) throw new KranFehler("zu weit: " + neu);
        winkel = neu;
    }
    void greife(String was) throws KranFehler {
        if (last != null) throw new KranFehler("hält schon " + last);
        last = was;
    }
    String lasse() throws KranFehler {
        if (last == null) throw new KranFehler("hält nichts");
        String war = last;
        last = null;
        return war;
    }
    void hebe(int m) throws KranFehler {
        if (hoehe + m < 0 || hoehe + m > 40) throw new KranFehler("Höhe " + (hoehe + m));
        hoehe += m;
    }
    @Override public String toString() { return winkel + "° " + hoehe + "m " + (last == null ? "leer" : last); }
}

class Drehen implements Schritt {
    private final Kran kran; private final int grad;
    Drehen(Kran kran, int grad) { this.kran = kran; this.grad = grad; }
    public void tun() throws KranFehler { kran.drehe(grad); }
    public void zurueck() throws KranFehler { kran.drehe(-grad); }
    public String text() { return "drehen " + grad; }
}

class Greifen implements Schritt {
    private final Kran kran; private final String was;
    Greifen(Kran kran, String was) { this.kran = kran; this.was = was; }
    public void tun() throws KranFehler { kran.greife(was); }
    public void zurueck() throws KranFehler { kran.lasse(); }
    public String text() { return "greifen " + was; }
}

class Heben implements Schritt {
    private final Kran kran; private final int m;
    Heben(Kran kran, int m) { this.kran = kran; this.m = m; }
    public void tun() throws KranFehler { kran.hebe(m); }
    public void zurueck() throws KranFehler { kran.hebe(-m); }
    public String text() { return "heben " + m; }
}

class Ablauf implements Schritt {
    private final List<Schritt> teile; private final String name;
    Ablauf(String name, Schritt... teile) { this.name = name; this.teile = List.of(teile); }
    public void tun() throws KranFehler {
        int i = 0;
        try {
            for (; i < teile.size(); i++) teile.get(i).tun();
        } catch (KranFehler f) {
            while (--i >= 0) teile.get(i).zurueck();
            throw f;
        }
    }
    public void zurueck() throws KranFehler {
        for (int i = teile.size() - 1; i >= 0; i--) teile.get(i).zurueck();
    }
    public String text() { return name; }
}

class Kranfuehrer {
    private final LinkedList<Schritt> getan = new LinkedList<>();
    private final LinkedList<Schritt> zurueckgenommen = new LinkedList<>();

    boolean mache(Schritt s) {
        try {
            s.tun();
        } catch (KranFehler f) {
            System.out.println("geht nicht: " + f.getMessage());
            return false;
        }
        getan.push(s);
        zurueckgenommen.clear();
        return true;
    }

    boolean nimmZurueck() {
        if (getan.isEmpty()) return false;
        Schritt s = getan.pop();
        try {
            s.zurueck();
        } catch (KranFehler f) {
            throw new IllegalStateException(f);
        }
        zurueckgenommen.push(s);
        return true;
    }

    boolean wiederhole() {
        return !zurueckgenommen.isEmpty() && nochmal(zurueckgenommen.pop());
    }

    private boolean nochmal(Schritt s) {
        try { s.tun(); getan.push(s); return true; } catch (KranFehler f) { return false; }
    }
}

public class Main {
    public static void main(String[] args) {
        Kran kran = new Kran();
        Kranfuehrer f = new Kranfuehrer();
        f.mache(new Drehen(kran, 90));
        f.mache(new Ablauf("laden", new Greifen(kran, "Kiste 12"), new Heben(kran, 10), new Drehen(kran, -45)));
        System.out.println(kran);
        f.mache(new Drehen(kran, 200));
        f.nimmZurueck();
        System.out.println(kran);
        f.wiederhole();
        System.out.println(kran);
    }
}
