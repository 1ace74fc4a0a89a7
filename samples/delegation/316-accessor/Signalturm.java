import java.util.Objects;
import java.util.function.Supplier;

interface Signale {
    String zeige(int code);
    int anzahl();
    void loesche();
}

class Flaggen implements Signale {
    private int gezeigt;
    public String zeige(int code) {
        if (code < 1 || code > 26) throw new IllegalArgumentException("Code " + code);
        gezeigt++;
        return "Flagge " + (char) ('A' + code - 1);
    }
    public int anzahl() { return gezeigt; }
    public void loesche() { gezeigt = 0; }
}

class Lampen implements Signale {
    private int gezeigt;
    public String zeige(int code) { gezeigt++; return "blink ".repeat(Math.max(1, code % 5)).trim(); }
    public int anzahl() { return gezeigt; }
    public void loesche() { gezeigt = 0; }
}

abstract class Weiterleitend implements Signale {
    protected abstract Signale an();
    public String zeige(int code) { return an().zeige(code); }
    public int anzahl() { return an().anzahl(); }
    public void loesche() { an().loesche(); }
}

class Turm extends Weiterleitend {
    private Signale jetzt;
    Turm(Signale s) { jetzt = Objects.requireNonNull(s); }
    void wechsle(Signale s) { jetzt = Objects.requireNonNull(s); }
    @Override protected Signale an() { return jetzt; }
}

public class Signalturm {
    public static void main(String[] args) {
        Turm t = new Turm(new Flaggen());
        System.out.println(t.zeige(3) + " " + t.anzahl());
        t.wechsle(new Lampen());
        System.out.println(t.zeige(12) + " " + t.anzahl());
        t.loesche();
        System.out.println(t.anzahl());
    }
}
