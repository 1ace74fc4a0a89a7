import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

interface Auswerter<Z, E> {
    default E werteAus(String text) throws LeseFehler {
        if (text == null || text.isBlank()) throw new LeseFehler("nichts zu lesen");
        List<Z> zeilen = new ArrayList<>();
        int nummer = 0;
        for (String z : text.split("\n")) {
            nummer++;
            if (ueberspringe(z)) continue;
            try {
                zeilen.add(lies(z));
            } catch (NumberFormatException e) {
                throw new LeseFehler("Zeile " + nummer);
            }
        }
        return fasseZusammen(zeilen);
    }
    Z lies(String zeile);
    E fasseZusammen(List<Z> zeilen);
    default boolean ueberspringe(String zeile) { return zeile.startsWith("#"); }
}

class LeseFehler extends Exception {
    LeseFehler(String m) { super(m); }
}

class Pegelmittel implements Auswerter<Double, Double> {
    @Override public Double lies(String zeile) { return Double.valueOf(zeile.trim()); }
    @Override public Double fasseZusammen(List<Double> alle) { return alle.stream().mapToDouble(d -> d).average().orElse(0); }
}

class Anlaeufe implements Auswerter<String, Map<String, Integer>> {
    @Override public String lies(String zeile) { return zeile.split(" ")[0]; }
    @Override public Map<String, Integer> fasseZusammen(List<String> namen) {
        Map<String, Integer> je = new TreeMap<>();
        namen.forEach(n -> je.merge(n, 1, Integer::sum));
        return je;
    }
    @Override public boolean ueberspringe(String zeile) { return zeile.isBlank() || zeile.startsWith("//"); }
}

public class Auswertung {
    public static void main(String[] args) throws LeseFehler {
        System.out.println(new Pegelmittel().werteAus("# Mai\n1.5\n2.5"));
        System.out.println(new Anlaeufe().werteAus("Alma 3\n\nTide 2\nAlma 9"));
    }
}
