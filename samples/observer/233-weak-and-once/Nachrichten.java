import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

interface Leser {
    void gelesen(Meldung m);
}

record Meldung(int nummer, String text) {
    Meldung {
        if (nummer < 1) throw new IllegalArgumentException("Nummer " + nummer);
        if (text.isBlank() || text.length() > 80) throw new IllegalArgumentException("Text");
    }
}

class Brett {
    private static class Eintrag {
        final Leser fest;
        final WeakReference<Leser> lose;
        final boolean einmal;

        Eintrag(Leser fest, WeakReference<Leser> lose, boolean einmal) {
            this.fest = fest;
            this.lose = lose;
            this.einmal = einmal;
        }

        Leser leser() {
            return fest != null ? fest : lose.get();
        }
    }

    private final List<Eintrag> eintraege = new ArrayList<>();
    private Meldung letzte;

    void abonniere(Leser l) {
        eintraege.add(new Eintrag(l, null, false));
    }

    void abonniereEinmal(Leser l) {
        eintraege.add(new Eintrag(l, null, true));
    }

    void abonniereLose(Leser l) {
        eintraege.add(new Eintrag(null, new WeakReference<>(l), false));
    }

    void bestelleAb(Leser l) {
        eintraege.removeIf(e -> e.leser() == l);
    }

    void haenge(Meldung m) {
        if (letzte != null && m.nummer() <= letzte.nummer()) {
            throw new IllegalArgumentException("Nummer " + m.nummer() + " gab es schon");
        }
        letzte = m;
        for (Iterator<Eintrag> i = eintraege.iterator(); i.hasNext(); ) {
            Eintrag e = i.next();
            Leser l = e.leser();
            if (l == null) {
                i.remove();
                continue;
            }
            l.gelesen(m);
            if (e.einmal) i.remove();
        }
    }

    Meldung letzte() { return letzte; }
}

class Ausrufer implements Leser {
    public void gelesen(Meldung m) { System.out.println("Hoert: " + m.text()); }
}

class Archiv implements Leser {
    private final List<Integer> nummern = new ArrayList<>();
    public void gelesen(Meldung m) { nummern.add(m.nummer()); }
    List<Integer> nummern() { return nummern; }
}

public class Nachrichten {
    public static void main(String[] args) {
        Brett b = new Brett();
        Archiv a = new Archiv();
        b.abonniere(a);
        b.abonniereEinmal(new Ausrufer());
        Archiv lose = new Archiv();
        b.abonniereLose(lose);
        b.haenge(new Meldung(1, "Markt am Samstag"));
        b.haenge(new Meldung(2, "Nebel"));
        b.bestelleAb(lose);
        b.haenge(new Meldung(5, "Flut um acht"));
        System.out.println(a.nummern() + " " + lose.nummern() + " " + b.letzte());
    }
}
