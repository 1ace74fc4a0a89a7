abstract class Maut {
    protected final String strecke;
    Maut(String strecke) {
        if (strecke.length() < 2) throw new IllegalArgumentException("Strecke");
        this.strecke = strecke;
    }
    abstract int cent(int achsen);
    String quittung(int achsen) { return strecke + " " + cent(achsen); }
}

class Nachtmaut extends Maut {
    Nachtmaut(String s) { super(s); }
    int cent(int achsen) { return 50 * achsen; }
}

class Tagmaut extends Maut {
    Tagmaut(String s) { super(s); }
    int cent(int achsen) { return 120 * achsen + 30; }
}

class Mauthaus {
    private Maut maut = new Tagmaut("Damm");
    private boolean nacht;
    void dunkel(boolean d) {
        nacht = d;
        if (nacht) maut = new Nachtmaut("Damm"); else maut = new Tagmaut("Damm");
    }
    String kassiere(int achsen) {
        if (achsen < 2) throw new IllegalArgumentException("Achsen " + achsen);
        return maut.quittung(achsen);
    }
}

public class Mautstelle {
    public static void main(String[] args) {
        Mauthaus m = new Mauthaus();
        System.out.println(m.kassiere(3));
        m.dunkel(true);
        System.out.println(m.kassiere(3));
    }
}
