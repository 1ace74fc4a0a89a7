import java.util.EnumMap;
import java.util.Map;

enum Warenart { FISCH, WEIN, MASCHINE }

interface Zollregel {
    long zoll(long wert, int menge);
}

class Frei implements Zollregel {
    public long zoll(long wert, int menge) { return 0; }
}

class ProStueck implements Zollregel {
    private final long satz;
    ProStueck(long satz) {
        if (satz < 1) throw new IllegalArgumentException("Satz");
        this.satz = satz;
    }
    public long zoll(long wert, int menge) { return satz * menge; }
}

class NachWert implements Zollregel {
    private final int prozent;
    NachWert(int prozent) { this.prozent = prozent; }
    public long zoll(long wert, int menge) { return wert * menge * prozent / 100; }
}

class Zollamt {
    private final Map<Warenart, Zollregel> regeln = new EnumMap<>(Warenart.class);
    private long eingenommen;
    void gilt(Warenart art, Zollregel regel) {
        if (regel == null) throw new IllegalArgumentException("Regel fehlt");
        regeln.put(art, regel);
    }
    long verzolle(Warenart art, long wert, int menge) {
        if (menge < 1) throw new IllegalArgumentException("Menge " + menge);
        Zollregel r = regeln.get(art);
        if (r == null) throw new IllegalStateException("keine Regel fuer " + art);
        long z = r.zoll(wert, menge);
        eingenommen += z;
        return z;
    }
    long eingenommen() { return eingenommen; }
}

public class Zolltabelle {
    public static void main(String[] args) {
        Zollamt z = new Zollamt();
        z.gilt(Warenart.FISCH, new Frei());
        z.gilt(Warenart.WEIN, new ProStueck(120));
        z.gilt(Warenart.MASCHINE, new NachWert(7));
        System.out.println(z.verzolle(Warenart.FISCH, 400, 3) + " " + z.verzolle(Warenart.WEIN, 900, 12) + " " + z.verzolle(Warenart.MASCHINE, 50000, 2));
        z.gilt(Warenart.WEIN, new NachWert(19));
        System.out.println(z.verzolle(Warenart.WEIN, 900, 1) + " " + z.eingenommen());
    }
}
