import java.util.ArrayList;
import java.util.List;

interface Seezeichen {
    void fuehre(Rundgang r) throws RundgangException;
}

class RundgangException extends Exception {
    RundgangException(String m) { super(m); }
}

interface Rundgang {
    void tonne(Tonne t) throws RundgangException;
    void feuer(Leuchtfeuer f, int sektoren) throws RundgangException;
    void betritt(Fahrwasser f);
    void verlasse(Fahrwasser f);
}

abstract class Zeichen implements Seezeichen {
    private final String name;
    Zeichen(String name) {
        if (!name.matches("[A-Z]\\w* \\d+")) throw new IllegalArgumentException("Name " + name);
        this.name = name;
    }
    String name() { return name; }
}

class Tonne extends Zeichen {
    private final boolean gruen;
    Tonne(String name, boolean gruen) { super(name); this.gruen = gruen; }
    boolean gruen() { return gruen; }
    @Override public void fuehre(Rundgang r) throws RundgangException { r.tonne(this); }
}

class Leuchtfeuer extends Zeichen {
    private final int[] sektoren;
    Leuchtfeuer(String name, int... sektoren) {
        super(name);
        if (sektoren.length == 0) throw new IllegalArgumentException("kein Sektor");
        this.sektoren = sektoren.clone();
    }
    @Override public void fuehre(Rundgang r) throws RundgangException { r.feuer(this, sektoren.length); }
}

class Fahrwasser extends Zeichen {
    private final List<Seezeichen> zeichen = new ArrayList<>();
    Fahrwasser(String name) { super(name); }
    Fahrwasser lege(Seezeichen z) { zeichen.add(z); return this; }
    @Override public void fuehre(Rundgang r) throws RundgangException {
        r.betritt(this);
        for (Seezeichen z : zeichen) z.fuehre(r);
        r.verlasse(this);
    }
}

class Zaehlung implements Rundgang {
    private int tonnen;
    private int sektoren;
    private int tiefe;
    public void tonne(Tonne t) { tonnen++; }
    public void feuer(Leuchtfeuer f, int n) { sektoren += n; }
    public void betritt(Fahrwasser f) { tiefe++; }
    public void verlasse(Fahrwasser f) { tiefe--; }
    String ergebnis() { return tonnen + " Tonnen, " + sektoren + " Sektoren, " + tiefe; }
}

class Pruefung implements Rundgang {
    private final List<String> rot = new ArrayList<>();
    public void tonne(Tonne t) throws RundgangException {
        if (!t.gruen()) rot.add(t.name());
        if (rot.size() > 5) throw new RundgangException("zu viele rote");
    }
    public void feuer(Leuchtfeuer f, int n) {}
    public void betritt(Fahrwasser f) { rot.add("["); }
    public void verlasse(Fahrwasser f) { rot.add("]"); }
    List<String> rot() { return rot; }
}

public class Karte {
    public static void main(String[] args) throws RundgangException {
        Fahrwasser f = new Fahrwasser("Nord 1")
                .lege(new Tonne("Tonne 4", true))
                .lege(new Tonne("Tonne 5", false))
                .lege(new Fahrwasser("Arm 2").lege(new Leuchtfeuer("Feuer 1", 3, 5)));
        Zaehlung z = new Zaehlung();
        Pruefung p = new Pruefung();
        f.fuehre(z);
        f.fuehre(p);
        System.out.println(z.ergebnis() + " " + p.rot());
    }
}
