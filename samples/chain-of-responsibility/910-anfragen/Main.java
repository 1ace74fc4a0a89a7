import java.util.*;

class Anfrage {
    final String von; final int betrag; final boolean eilig;
    Anfrage(String von, int betrag, boolean eilig) {
        if (betrag <= 0) throw new IllegalArgumentException("Betrag muss positiv sein");
        this.von = von; this.betrag = betrag; this.eilig = eilig;
    }
}

abstract class Stelle {
    private Stelle hoehere;
    private final String name;
    private final List<Anfrage> bewilligt = new ArrayList<>();

    Stelle(String name) { this.name = name; }

    Stelle dann(Stelle naechste) {
        this.hoehere = naechste;
        return naechste;
    }

    final String bearbeite(Anfrage a) {
        if (zustaendig(a)) {
            bewilligt.add(a);
            return name + " bewilligt " + a.betrag;
        }
        if (hoehere != null) return hoehere.bearbeite(a);
        return "abgelehnt";
    }

    protected abstract boolean zustaendig(Anfrage a);
    int summe() { return bewilligt.stream().mapToInt(a -> a.betrag).sum(); }
}

class Schalter extends Stelle {
    Schalter() { super("Schalter"); }
    protected boolean zustaendig(Anfrage a) { return a.betrag <= 50 && !a.eilig; }
}

class Kasse extends Stelle {
    private int rest;
    Kasse(int rest) { super("Kasse"); this.rest = rest; }
    protected boolean zustaendig(Anfrage a) {
        if (a.betrag > 500 || a.betrag > rest) return false;
        rest -= a.betrag;
        return true;
    }
}

class Hafenmeister extends Stelle {
    private final Set<String> gesperrt;
    Hafenmeister(String... gesperrt) { super("Hafenmeister"); this.gesperrt = Set.of(gesperrt); }
    protected boolean zustaendig(Anfrage a) { return !gesperrt.contains(a.von) && a.betrag <= 10_000; }
}

public class Main {
    public static void main(String[] args) {
        Stelle erste = new Schalter();
        Stelle kasse = new Kasse(600);
        erste.dann(kasse).dann(new Hafenmeister("Krabbe"));
        System.out.println(erste.bearbeite(new Anfrage("Onno", 30, false)));
        System.out.println(erste.bearbeite(new Anfrage("Wiebke", 30, true)));
        System.out.println(erste.bearbeite(new Anfrage("Onno", 480, false)));
        System.out.println(erste.bearbeite(new Anfrage("Onno", 480, false)));
        System.out.println(erste.bearbeite(new Anfrage("Krabbe", 2000, false)));
        System.out.println(kasse.summe());
    }
}
