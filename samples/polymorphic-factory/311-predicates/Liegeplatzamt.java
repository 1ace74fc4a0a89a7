import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Predicate;

interface Platz {
    String art();
    int gebuehr(int tage);
}

class Steg implements Platz {
    private final int laenge;
    Steg(int laenge) { this.laenge = laenge; }
    public String art() { return "Steg"; }
    public int gebuehr(int tage) { return laenge * 2 * tage; }
}

class Boje implements Platz {
    Boje(int laenge) { if (laenge > 12) throw new IllegalArgumentException("zu lang"); }
    public String art() { return "Boje"; }
    public int gebuehr(int tage) { return 9 * tage; }
}

class Kai implements Platz {
    private final int laenge;
    Kai(int laenge) { this.laenge = laenge; }
    public String art() { return "Kai"; }
    public int gebuehr(int tage) { return 50 + laenge * tage; }
}

public class Liegeplatzamt {
    private record Regel(Predicate<Integer> passt, IntFunction<Platz> macht) {}

    private final List<Regel> regeln = List.of(
        new Regel(l -> l <= 8, Boje::new),
        new Regel(l -> l <= 20, Steg::new),
        new Regel(l -> true, Kai::new));

    Platz vergebe(int laenge) {
        if (laenge <= 0) throw new IllegalArgumentException("Laenge " + laenge);
        return regeln.stream().filter(r -> r.passt().test(laenge)).findFirst().orElseThrow().macht().apply(laenge);
    }

    public static void main(String[] args) {
        Liegeplatzamt amt = new Liegeplatzamt();
        for (int l : new int[] {6, 14, 60}) {
            Platz p = amt.vergebe(l);
            System.out.println(p.art() + " " + p.gebuehr(3));
        }
    }
}
