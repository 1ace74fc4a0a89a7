import java.util.*;

interface Ablauf { Befund durchfuehren(String schiff); }
record Befund(String schiff, boolean bestanden, List<String> maengel) {}
abstract class Kontrolle implements Ablauf {
    private int nummer;
    @Override public final Befund durchfuehren(String schiff) {
        if (schiff == null || schiff.isBlank()) throw new IllegalArgumentException("welches Schiff?");
        nummer++;
        List<String> maengel = new ArrayList<>();
        anmelden(schiff);
        try {
            maengel.addAll(pruefen(schiff));
            if (gruendlich()) maengel.addAll(nachpruefen(schiff));
        } finally {
            abmelden(schiff);
        }
        return new Befund(schiff, maengel.size() <= erlaubt(), List.copyOf(maengel));
    }
    protected void anmelden(String schiff) {}
    protected abstract List<String> pruefen(String schiff);
    protected List<String> nachpruefen(String schiff) { return List.of(); }
    protected boolean gruendlich() { return nummer % 2 == 0; }
    protected int erlaubt() { return 0; }
    private void abmelden(String schiff) { System.out.println(schiff + " kontrolliert"); }
}
class Brandschutz extends Kontrolle {
    @Override protected List<String> pruefen(String schiff) { return schiff.length() > 6 ? List.of("Loescher fehlt") : List.of(); }
    @Override protected int erlaubt() { return 1; }
}
class Rumpfpruefung extends Kontrolle {
    private String gemeldet = "";
    @Override protected void anmelden(String schiff) { gemeldet = schiff; }
    @Override protected List<String> pruefen(String schiff) { return gemeldet.equals(schiff) ? List.of() : List.of("nicht angemeldet"); }
    @Override protected List<String> nachpruefen(String schiff) { return List.of("Muscheln am Kiel"); }
    @Override protected boolean gruendlich() { return true; }
}
class Amt { public static void main(String[] a) { for (Ablauf x : List.of(new Brandschutz(), new Rumpfpruefung())) System.out.println(x.durchfuehren("Seeadler")); } }
