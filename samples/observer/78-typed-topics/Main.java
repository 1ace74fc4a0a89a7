import java.util.*;
enum Signal { ARRIVED, LEFT }
interface Hafenhoerer { void meldung(Hafen hafen, Signal was, String schiff); }
class Hafen {
    private final EnumMap<Signal, Set<Hafenhoerer>> hoerer = new EnumMap<>(Signal.class);
    private final SortedSet<String> imHafen = new TreeSet<>();
    Hafen() { for (Signal s : Signal.values()) hoerer.put(s, new LinkedHashSet<>()); }
    void hoere(Signal auf, Hafenhoerer h) { hoerer.get(auf).add(h); }
    void vergiss(Signal auf, Hafenhoerer h) { hoerer.get(auf).remove(h); }
    void einlaufen(String schiff) {
        if (imHafen.add(schiff)) melde(Signal.ARRIVED, schiff);
    }
    void auslaufen(String schiff) {
        if (imHafen.remove(schiff)) melde(Signal.LEFT, schiff);
    }
    private void melde(Signal s, String schiff) {
        hoerer.get(s).forEach(h -> h.meldung(this, s, schiff));
    }
    Set<String> schiffe() { return Collections.unmodifiableSet(imHafen); }
}
class Lotsenboot implements Hafenhoerer {
    int fahrten;
    public void meldung(Hafen hafen, Signal was, String schiff) { fahrten++; }
}
class Anzeigetafel implements Hafenhoerer {
    private String text = "";
    public void meldung(Hafen hafen, Signal was, String schiff) {
        text = String.join(", ", hafen.schiffe());
    }
    String text() { return text; }
}
class Probe {
    public static void main(String[] args) {
        Hafen h = new Hafen();
        Anzeigetafel t = new Anzeigetafel();
        h.hoere(Signal.ARRIVED, t);
        h.hoere(Signal.LEFT, t);
        h.hoere(Signal.ARRIVED, new Lotsenboot());
        h.einlaufen("Nixe");
        System.out.println(t.text());
    }
}
