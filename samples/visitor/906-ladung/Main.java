import java.util.*;

interface Gut { void empfange(Pruefer p); double tonnen(); }
interface Pruefer {
    void containerPruefen(Container c);
    void schuettgutPruefen(Schuettgut s);
    void fahrzeugPruefen(Fahrzeug f);
}

record Container(String nummer, double tonnen, List<String> inhalt) implements Gut {
    Container { if (!nummer.matches("[A-Z]{4}\\d{7}")) throw new IllegalArgumentException("Containernummer " + nummer); inhalt = List.copyOf(inhalt); }
    public void empfange(Pruefer p) { p.containerPruefen(this); }
}
record Schuettgut(String art, double tonnen, double feuchte) implements Gut {
    Schuettgut { if (feuchte < 0 || feuchte > 1) throw new IllegalArgumentException("Feuchte 0..1"); }
    public void empfange(Pruefer p) { p.schuettgutPruefen(this); }
}
record Fahrzeug(String kennzeichen, int achsen) implements Gut {
    public double tonnen() { return achsen * 7.5; }
    public void empfange(Pruefer p) { p.fahrzeugPruefen(this); }
}

class Zollpruefer implements Pruefer {
    private static final Set<String> VERBOTEN = Set.of("Elfenbein", "Feuerwerk");
    private final List<String> beanstandet = new ArrayList<>();
    public void containerPruefen(Container c) {
        for (String s : c.inhalt()) if (VERBOTEN.contains(s)) beanstandet.add(c.nummer() + ": " + s);
    }
    public void schuettgutPruefen(Schuettgut s) { }
    public void fahrzeugPruefen(Fahrzeug f) {
        if (f.kennzeichen().isEmpty()) beanstandet.add("Fahrzeug ohne Kennzeichen");
    }
    List<String> beanstandet() { return Collections.unmodifiableList(beanstandet); }
}

class Gebuehrenpruefer implements Pruefer {
    private long cent;
    public void containerPruefen(Container c) { cent += 4500; }
    public void schuettgutPruefen(Schuettgut s) { cent += Math.round(s.tonnen() * 120 * (1 - s.feuchte())); }
    public void fahrzeugPruefen(Fahrzeug f) { cent += 900L * f.achsen(); }
    long cent() { return cent; }
}

class Frachtliste {
    private final List<Gut> gueter = new ArrayList<>();
    Frachtliste dazu(Gut g) { gueter.add(Objects.requireNonNull(g)); return this; }
    <P extends Pruefer> P pruefe(P pruefer) {
        gueter.forEach(g -> g.empfange(pruefer));
        return pruefer;
    }
    double tonnen() { return gueter.stream().mapToDouble(Gut::tonnen).sum(); }
}

public class Main {
    public static void main(String[] args) {
        Frachtliste liste = new Frachtliste()
            .dazu(new Container("NHLU1234567", 18, List.of("Tee", "Feuerwerk")))
            .dazu(new Schuettgut("Kies", 250, 0.12))
            .dazu(new Fahrzeug("NH-K 77", 3));
        System.out.println(liste.pruefe(new Zollpruefer()).beanstandet());
        System.out.println(liste.pruefe(new Gebuehrenpruefer()).cent() / 100.0);
        System.out.println(liste.tonnen());
    }
}
