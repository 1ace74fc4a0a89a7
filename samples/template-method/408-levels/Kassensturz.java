import java.util.LinkedHashMap;
import java.util.Map;

abstract class Abrechnung<T extends Number> {
    private final Map<String, T> posten = new LinkedHashMap<>();
    Abrechnung<T> posten(String name, T wert) {
        if (name.isBlank()) throw new IllegalArgumentException("Name");
        posten.put(name, wert);
        return this;
    }
    public final String drucke() {
        if (posten.isEmpty()) throw new IllegalStateException("nichts abzurechnen");
        StringBuilder b = new StringBuilder(kopf()).append('\n');
        T summe = null;
        for (Map.Entry<String, T> e : posten.entrySet()) {
            b.append(zeile(e.getKey(), e.getValue())).append('\n');
            summe = summe == null ? e.getValue() : plus(summe, e.getValue());
        }
        return b.append(schluss(summe)).toString();
    }
    protected String kopf() { return "Abrechnung"; }
    protected abstract T plus(T a, T b);
    protected abstract String zeile(String name, T wert);
    protected String schluss(T summe) { return "Summe " + summe; }
}

class InCent extends Abrechnung<Long> {
    @Override protected Long plus(Long a, Long b) { return a + b; }
    @Override protected String zeile(String name, Long wert) { return name + ": " + wert / 100 + "," + wert % 100; }
}

class InStunden extends Abrechnung<Double> {
    @Override protected String kopf() { return super.kopf() + " der Stunden"; }
    @Override protected Double plus(Double a, Double b) { return a + b; }
    @Override protected String zeile(String name, Double wert) { return name + " " + wert + " h"; }
    @Override protected String schluss(Double s) { return "Zusammen " + s + " h"; }
}

public class Kassensturz {
    public static void main(String[] args) {
        System.out.println(new InCent().posten("Liegegeld", 1250L).posten("Strom", 330L).drucke());
        System.out.println(new InStunden().posten("Kran", 2.5).posten("Boot", 4.0).drucke());
    }
}
