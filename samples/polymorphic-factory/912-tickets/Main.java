import java.util.*;

abstract class Ticket {
    private static int laufend = 0;
    final int nummer = ++laufend;
    final String strecke;
    Ticket(String strecke) { this.strecke = strecke; }
    abstract int cent();
    public String toString() { return getClass().getSimpleName() + " #" + nummer + " " + strecke + " " + cent(); }
}
class Einzelfahrt extends Ticket { Einzelfahrt(String s) { super(s); } int cent() { return 320; } }
class Tageskarte extends Ticket { Tageskarte(String s) { super(s); } int cent() { return 990; } }
class Kinderkarte extends Ticket { Kinderkarte(String s) { super(s); } int cent() { return 160; } }
class Fahrradkarte extends Ticket {
    final int raeder;
    Fahrradkarte(String s, int raeder) { super(s); this.raeder = raeder; }
    int cent() { return 320 + raeder * 150; }
}

abstract class Verkaufsstelle {
    private final List<Ticket> verkauft = new ArrayList<>();
    private final Set<String> strecken;

    Verkaufsstelle(String... strecken) { this.strecken = new LinkedHashSet<>(Arrays.asList(strecken)); }

    Ticket verkaufe(String strecke) {
        if (!strecken.contains(strecke)) throw new NoSuchElementException("keine Fähre nach " + strecke);
        Ticket t = drucke(strecke);
        verkauft.add(t);
        return t;
    }
    int einnahmen() { int s = 0; for (Ticket t : verkauft) s += t.cent(); return s; }
    protected abstract Ticket drucke(String strecke);
}

class Automat extends Verkaufsstelle {
    Automat() { super("Insel", "Altstadt"); }
    @Override protected Ticket drucke(String strecke) { return new Einzelfahrt(strecke); }
}
class Familienschalter extends Verkaufsstelle {
    private boolean kind;
    Familienschalter() { super("Insel"); }
    @Override protected Ticket drucke(String strecke) {
        kind = !kind;
        if (kind) return new Kinderkarte(strecke);
        return new Tageskarte(strecke);
    }
}
class Radschalter extends Verkaufsstelle {
    private final int raeder;
    Radschalter(int raeder) { super("Insel", "Deich"); if (raeder < 1) throw new IllegalArgumentException(); this.raeder = raeder; }
    @Override protected Fahrradkarte drucke(String strecke) { return new Fahrradkarte(strecke, raeder); }
}

public class Main {
    public static void main(String[] args) {
        Verkaufsstelle[] stellen = { new Automat(), new Familienschalter(), new Radschalter(2) };
        for (Verkaufsstelle v : stellen) {
            System.out.println(v.verkaufe("Insel"));
            System.out.println(v.einnahmen());
        }
        try { stellen[1].verkaufe("Deich"); } catch (NoSuchElementException e) { System.out.println(e.getMessage()); }
    }
}
