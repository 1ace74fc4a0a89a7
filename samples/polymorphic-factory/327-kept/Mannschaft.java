import java.util.EnumMap;
import java.util.Map;

enum Dienst { DECK, MASCHINE, KUECHE }

abstract class Matrose {
    private int stunden;
    void arbeite(int h) {
        if (h < 1 || h > 12) throw new IllegalArgumentException("Stunden " + h);
        stunden += h;
    }
    int stunden() { return stunden; }
    abstract int lohn();
}

class Deckmann extends Matrose { int lohn() { return stunden() * 18; } }
class Maschinist extends Matrose { int lohn() { return stunden() * 25 + 40; } }
class Koch extends Matrose { int lohn() { return Math.max(120, stunden() * 20); } }

class Heuerbuero {
    private final Map<Dienst, Matrose> da = new EnumMap<>(Dienst.class);
    Matrose heuere(Dienst d) {
        if (d == null) throw new IllegalArgumentException("Dienst fehlt");
        Matrose m = da.get(d);
        if (m == null) {
            switch (d) {
                case DECK -> m = new Deckmann();
                case MASCHINE -> m = new Maschinist();
                default -> m = new Koch();
            }
            da.put(d, m);
        }
        return m;
    }
}

public class Mannschaft {
    public static void main(String[] args) {
        Heuerbuero b = new Heuerbuero();
        Matrose a = b.heuere(Dienst.DECK);
        Matrose c = b.heuere(Dienst.DECK);
        a.arbeite(8);
        System.out.println(a.lohn() + " " + c.lohn());
    }
}
