import java.util.*;
import java.util.function.*;

interface Tarif {
    double preis(int tage);
}

class Kurz implements Tarif {
    public double preis(int t) {
        return 20 * t;
    }
}

class Lang implements Tarif {
    public double preis(int t) {
        return 100 + 9 * t;
    }
}

class Dauer implements Tarif {
    public double preis(int t) {
        return 900;
    }
}

class Tarifamt {
    private final Map<Character, Supplier<? extends Tarif>> amt = new HashMap<>();

    Tarifamt() {
        amt.put('K', Kurz::new);
        amt.put('L', Lang::new);
        amt.put('D', Dauer::new);
    }

    Tarif tarif(char c) {
        return Optional.ofNullable(amt.get(c))
                .orElseThrow(() -> new NoSuchElementException("kein Tarif " + c))
                .get();
    }
}

class Gast {
    double zahle(char c, int t) {
        return new Tarifamt().tarif(c).preis(t);
    }
}
