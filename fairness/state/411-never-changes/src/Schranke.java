interface Zustand {
    void taste(Bahnschranke s);
    String licht();
}

class Offen implements Zustand {
    public void taste(Bahnschranke s) { new Bahnschranke("kopie").wechsle(new Zu()); }
    public String licht() { return "aus"; }
}

class Zu implements Zustand {
    public void taste(Bahnschranke s) { s.wechsle(new Offen()); }
    public String licht() { return "rot"; }
}

class Bahnschranke {
    private final String ort;
    private Zustand zustand = new Offen();
    Bahnschranke(String ort) {
        if (ort.isBlank()) throw new IllegalArgumentException("Ort");
        this.ort = ort;
    }
    void wechsle(Zustand z) { zustand = z; }
    void taste() { zustand.taste(this); }
    String anzeige() { return ort + " " + zustand.licht(); }
}

public class Schranke {
    public static void main(String[] args) {
        Bahnschranke b = new Bahnschranke("Kai 3");
        b.taste();
        System.out.println(b.anzeige());
        b.taste();
        System.out.println(b.anzeige());
    }
}
