import java.util.*;
import java.util.stream.*;

record Stopp(String ort, int minuten) implements Programmpunkt { 
    Stopp { if (minuten < 0) throw new IllegalArgumentException(); }
    public int dauer() { return minuten; }
    public Stream<String> orte() { return Stream.of(ort); }
}
sealed interface Programmpunkt permits Stopp, Etappe, Tour { int dauer(); Stream<String> orte(); }
final class Etappe implements Programmpunkt {
    private final String von, nach; private final int seemeilen;
    Etappe(String von, String nach, int seemeilen) { this.von = von; this.nach = nach; this.seemeilen = seemeilen; }
    public int dauer() { return seemeilen * 10; }
    public Stream<String> orte() { return Stream.of(von, nach); }
}
final class Tour implements Programmpunkt {
    private final List<Programmpunkt> punkte;
    Tour(Programmpunkt... punkte) { this.punkte = List.of(punkte); }
    private Tour(List<Programmpunkt> p) { this.punkte = List.copyOf(p); }
    Tour und(Programmpunkt p) { List<Programmpunkt> l = new ArrayList<>(punkte); l.add(p); return new Tour(l); }
    public int dauer() { return punkte.stream().mapToInt(Programmpunkt::dauer).sum(); }
    public Stream<String> orte() { return punkte.stream().flatMap(Programmpunkt::orte).distinct(); }
}
