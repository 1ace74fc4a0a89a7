package lager;

import java.util.ArrayDeque;
import java.util.Deque;

public class Schalter {
    private static final int TIEFE = 20;
    private final Deque<Vorgang> verlauf = new ArrayDeque<>();
    private boolean besetzt;

    public void besetze() {
        besetzt = true;
    }

    public void erledige(Vorgang v) {
        if (!besetzt) throw new IllegalStateException("Schalter nicht besetzt");
        v.ausfuehren();
        verlauf.push(v);
        if (verlauf.size() > TIEFE) verlauf.removeLast();
    }

    public boolean zurueck() {
        Vorgang v = verlauf.poll();
        if (v == null) return false;
        v.zuruecknehmen();
        return true;
    }
}
