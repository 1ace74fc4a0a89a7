import java.util.*;
import java.util.function.*;

interface Fahrzeug { String art(); int plaetze(); default boolean gross() { return plaetze() > 50; } }
final class Faehre implements Fahrzeug { public String art() { return "Fähre"; } public int plaetze() { return 240; } }
final class Barkasse implements Fahrzeug { public String art() { return "Barkasse"; } public int plaetze() { return 60; } }
final class Schlauchboot implements Fahrzeug { private final int n; Schlauchboot(int n) { this.n = n; } public String art() { return "Schlauchboot"; } public int plaetze() { return n; } }
class Werft {
    private record Bauart(Predicate<String> passt, Function<String, Fahrzeug> bau) {}
    private final List<Bauart> bauarten = List.of(
        new Bauart(k -> k.startsWith("F-"), k -> new Faehre()),
        new Bauart(k -> k.startsWith("B-"), k -> new Barkasse()),
        new Bauart(k -> k.matches("S-\\d+"), k -> new Schlauchboot(Integer.parseInt(k.substring(2)))));
    Fahrzeug baue(String kennung) {
        return bauarten.stream().filter(b -> b.passt().test(kennung)).findFirst()
            .map(b -> b.bau().apply(kennung))
            .orElseThrow(() -> new IllegalArgumentException("keine Bauart für " + kennung));
    }
}
class Reederei {
    private final Werft werft; private final List<Fahrzeug> flotte = new ArrayList<>();
    Reederei(Werft w) { werft = w; }
    void bestelle(String... kennungen) { for (String k : kennungen) flotte.add(werft.baue(k)); }
    int plaetze() { return flotte.stream().mapToInt(Fahrzeug::plaetze).sum(); }
    String liste() { StringJoiner j = new StringJoiner(", "); flotte.forEach(f -> j.add(f.art() + (f.gross() ? " (groß)" : ""))); return j.toString(); }
}
class Stapellauf { public static void main(String[] a) { Reederei r = new Reederei(new Werft()); r.bestelle("F-1", "S-6"); System.out.println(r.plaetze() + r.liste()); } }
