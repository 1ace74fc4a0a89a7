import java.util.ArrayList;
import java.util.List;

class FahrtException extends Exception {
    FahrtException(String m) { super(m); }
}

abstract class Fahrt {
    private boolean gefahren;
    private final List<String> buch = new ArrayList<>();

    public List<String> fahre(String kapitaen) throws FahrtException {
        if (gefahren) throw new IllegalStateException("diese Fahrt ist gefahren");
        if (!kapitaen.startsWith("Kpt. ")) throw new IllegalArgumentException("kein Kapitaen: " + kapitaen);
        gefahren = true;
        schreibe(kapitaen);
        bereite();
        try {
            lege();
            unterwegs();
        } finally {
            mache();
        }
        return buch;
    }

    protected void bereite() { schreibe("klar"); }

    protected abstract void lege() throws FahrtException;

    protected abstract void unterwegs();

    protected void mache() { schreibe("fest"); }

    protected final void schreibe(String s) { buch.add(s); }
}

class Rundfahrt extends Fahrt {
    private final int gaeste;
    Rundfahrt(int gaeste) {
        if (gaeste < 4) throw new IllegalArgumentException("zu wenig Gaeste");
        this.gaeste = gaeste;
    }
    @Override protected void bereite() {
        super.bereite();
        schreibe(gaeste + " Gaeste");
    }
    @Override protected void lege() { schreibe("ab Steg 1"); }
    @Override protected void unterwegs() { schreibe("um die Insel"); }
}

class Schlepp extends Fahrt {
    private final double tonnen;
    Schlepp(double tonnen) { this.tonnen = tonnen; }
    @Override protected void lege() throws FahrtException {
        if (tonnen > 900) throw new FahrtException("zu schwer: " + tonnen);
        schreibe("Leine fest");
    }
    @Override protected void unterwegs() { schreibe(tonnen + " t im Schlepp"); }
    @Override protected void mache() {
        schreibe("Leine los");
        super.mache();
    }
}

class Hafenfahrten {
    public static void main(String[] args) {
        try {
            System.out.println(new Rundfahrt(12).fahre("Kpt. Holm"));
            System.out.println(new Schlepp(400).fahre("Kpt. Brandt"));
            System.out.println(new Schlepp(1200).fahre("Kpt. Brandt"));
        } catch (FahrtException e) {
            System.out.println(e.getMessage());
        }
    }
}
