import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

enum Sparte { WETTER, VERKEHR, SPORT }

interface Hoerer {
    void meldung(Sparte sparte, String text);
    default void sendeschluss() {}
}

class Sender {
    private final Map<Sparte, List<Hoerer>> hoerer = new EnumMap<>(Sparte.class);
    private boolean aufSendung;
    private String zuletzt = "";

    void beginne() {
        if (aufSendung) throw new IllegalStateException("laeuft schon");
        aufSendung = true;
    }

    void abonniere(Sparte s, Hoerer h) {
        hoerer.computeIfAbsent(s, x -> new ArrayList<>()).add(h);
    }

    void kuendige(Sparte s, Hoerer h) {
        List<Hoerer> l = hoerer.get(s);
        if (l == null || !l.remove(h)) throw new IllegalArgumentException("kein Abonnent");
    }

    void melde(Sparte s, String text) {
        if (!aufSendung) throw new IllegalStateException("nicht auf Sendung");
        if (text.length() < 5) throw new IllegalArgumentException("zu kurz: " + text);
        zuletzt = text;
        for (Hoerer h : List.copyOf(hoerer.getOrDefault(s, List.of()))) {
            h.meldung(s, text);
        }
    }

    String zuletzt() { return zuletzt; }
}

class Radio implements Hoerer {
    private final StringBuilder gehoert = new StringBuilder();
    public void meldung(Sparte s, String text) { gehoert.append(s).append(": ").append(text).append('\n'); }
    public String toString() { return gehoert.toString(); }
}

class Zaehler implements Hoerer {
    private int n;
    public void meldung(Sparte s, String text) { n++; }
    int n() { return n; }
}

public class Funkhaus {
    public static void main(String[] args) {
        Sender s = new Sender();
        Radio r = new Radio();
        Zaehler z = new Zaehler();
        s.abonniere(Sparte.WETTER, r);
        s.abonniere(Sparte.WETTER, z);
        s.abonniere(Sparte.SPORT, z);
        s.beginne();
        s.melde(Sparte.WETTER, "Sturm aus West");
        s.melde(Sparte.SPORT, "Regatta verschoben");
        s.kuendige(Sparte.WETTER, z);
        s.melde(Sparte.WETTER, "Sturm laesst nach");
        System.out.println(r + "" + z.n());
    }
}
