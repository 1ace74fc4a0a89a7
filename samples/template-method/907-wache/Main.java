import java.util.*;

class WachBuch {
    private final List<String> zeilen = new ArrayList<>();
    void schreibe(String s) { zeilen.add(s); }
    List<String> zeilen() { return zeilen; }
}

abstract class Wache {
    protected final WachBuch buch;
    private final String name;
    private boolean beendet;

    Wache(String name, WachBuch buch) { this.name = name; this.buch = buch; }

    /** Ablauf einer Wache; die Teile bestimmen die Unterklassen. */
    public final int halten(int runden) {
        if (beendet) throw new IllegalStateException("Wache " + name + " ist schon vorbei");
        if (runden < 1) throw new IllegalArgumentException("mindestens eine Runde");
        buch.schreibe(name + " beginnt");
        int vorfaelle = 0;
        antreten();
        for (int i = 1; i <= runden; i++) {
            vorfaelle += rundgang(i);
            if (pauseNach(i)) buch.schreibe("Pause");
        }
        abloesung();
        buch.schreibe(name + " endet, Vorfälle: " + vorfaelle);
        beendet = true;
        return vorfaelle;
    }

    protected void antreten() { }
    protected abstract int rundgang(int nummer);
    protected boolean pauseNach(int nummer) { return nummer % 2 == 0; }
    protected abstract void abloesung();
}

class Nachtwache extends Wache {
    Nachtwache(WachBuch b) { super("Nachtwache", b); }
    @Override protected void antreten() { buch.schreibe("Laterne an"); }
    @Override protected int rundgang(int nummer) { buch.schreibe("Kai " + nummer); return nummer == 3 ? 1 : 0; }
    @Override protected void abloesung() { buch.schreibe("Schlüssel an die Tagwache"); }
}

class Brueckenwache extends Wache {
    private final Random zufall = new Random(7);
    Brueckenwache(WachBuch b) { super("Brückenwache", b); }
    @Override protected int rundgang(int nummer) {
        int schiffe = zufall.nextInt(4);
        buch.schreibe("Brücke " + nummer + ": " + schiffe + " Schiffe");
        return 0;
    }
    @Override protected boolean pauseNach(int nummer) { return false; }
    @Override protected void abloesung() { buch.schreibe("Brücke zu"); }
}

public class Main {
    public static void main(String[] args) {
        WachBuch buch = new WachBuch();
        for (Wache w : List.of(new Nachtwache(buch), new Brueckenwache(buch))) {
            System.out.println(w.halten(4));
        }
        buch.zeilen().forEach(System.out::println);
    }
}
