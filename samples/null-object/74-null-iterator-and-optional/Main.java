import java.util.*;
interface Abnehmer { void nimm(String ware, int stueck); int gesamt(); Iterable<String> waren(); Optional<String> letzte(); }
class Markthalle implements Abnehmer {
    private final Map<String, Integer> lager = new LinkedHashMap<>(); private String letzte;
    public void nimm(String ware, int stueck) { lager.merge(ware, stueck, Integer::sum); letzte = ware; }
    public int gesamt() { return lager.values().stream().reduce(0, Integer::sum); }
    public Iterable<String> waren() { return lager.keySet(); }
    public Optional<String> letzte() { return Optional.ofNullable(letzte); }
}
enum OhneAbnehmer implements Abnehmer {
    INSTANZ;
    public void nimm(String ware, int stueck) { /* niemand nimmt etwas */ }
    public int gesamt() { return 0; }
    public Iterable<String> waren() { return Collections.emptyList(); }
    public Optional<String> letzte() { return Optional.empty(); }
}
class Fischer {
    private final Abnehmer abnehmer;
    Fischer() { this(OhneAbnehmer.INSTANZ); }
    Fischer(Abnehmer abnehmer) { this.abnehmer = abnehmer; }
    String fange(String fisch, int stueck) {
        abnehmer.nimm(fisch, stueck);
        StringJoiner j = new StringJoiner(",");
        for (String s : abnehmer.waren()) j.add(s);
        return j + " " + abnehmer.gesamt() + abnehmer.letzte().map(x -> " zuletzt " + x).orElse("");
    }
    public static void main(String[] args) {
        System.out.println(new Fischer(new Markthalle()).fange("Scholle", 3));
        System.out.println(new Fischer().fange("Scholle", 3));
    }
}
