import java.util.*;

abstract class Anzeigetafel {
    private final List<Anzeige> anzeigen = new LinkedList<>();
    public void anmelden(Anzeige a) { if (!anzeigen.contains(a)) anzeigen.add(a); }
    public void abmelden(Anzeige a) { anzeigen.remove(a); }
    protected void geaendert() { new ArrayList<>(anzeigen).forEach(a -> a.aktualisiere(this)); }
}
interface Anzeige { void aktualisiere(Anzeigetafel quelle); }
class Faehrplan extends Anzeigetafel {
    private final Map<String, Integer> verspaetung = new TreeMap<>();
    void abfahrt(String linie) { verspaetung.putIfAbsent(pruefe(linie), 0); geaendert(); }
    void verspaetet(String linie, int minuten) {
        if (!verspaetung.containsKey(linie)) throw new NoSuchElementException("keine Linie " + linie);
        verspaetung.merge(linie, minuten, Integer::sum);
        geaendert();
    }
    void faelltAus(String linie) { if (verspaetung.remove(linie) != null) geaendert(); }
    int minuten(String linie) { return verspaetung.getOrDefault(linie, -1); }
    Set<String> linien() { return Collections.unmodifiableSet(verspaetung.keySet()); }
    private static String pruefe(String l) { if (!l.matches("F\\d+")) throw new IllegalArgumentException("Linien heissen F1, F2 ..."); return l; }
}
class Bildschirm implements Anzeige {
    private final StringBuilder text = new StringBuilder();
    @Override public void aktualisiere(Anzeigetafel quelle) {
        text.setLength(0);
        Faehrplan plan = (Faehrplan) quelle;
        for (String l : plan.linien()) text.append(l).append(" +").append(plan.minuten(l)).append('\n');
    }
    String text() { return text.toString(); }
}
class Durchsage implements Anzeige {
    private int ansagen;
    @Override public void aktualisiere(Anzeigetafel quelle) { ansagen++; }
    int ansagen() { return ansagen; }
}
class Terminal {
    public static void main(String[] x) {
        Faehrplan p = new Faehrplan();
        Bildschirm b = new Bildschirm(); Durchsage d = new Durchsage();
        p.anmelden(b); p.anmelden(d);
        p.abfahrt("F1"); p.verspaetet("F1", 5); p.abmelden(d); p.faelltAus("F1");
        System.out.println(b.text() + d.ansagen());
    }
}
