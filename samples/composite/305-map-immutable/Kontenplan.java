import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

sealed interface Posten permits Konto, Gruppe {
    String schluessel();
    long saldo();
    int konten();
}

record Konto(String schluessel, long saldo) implements Posten {
    Konto {
        if (!schluessel.matches("\\d{4}")) throw new IllegalArgumentException("Konto " + schluessel);
    }
    @Override public int konten() { return 1; }
}

final class Gruppe implements Posten {
    private final String schluessel;
    private final Map<String, Posten> teile;

    Gruppe(String schluessel) { this(schluessel, Map.of()); }

    private Gruppe(String schluessel, Map<String, Posten> teile) {
        if (schluessel.isEmpty()) throw new IllegalArgumentException("leer");
        this.schluessel = schluessel;
        this.teile = Collections.unmodifiableMap(new LinkedHashMap<>(teile));
    }

    Gruppe mit(Posten p) {
        if (teile.containsKey(p.schluessel())) throw new IllegalArgumentException("doppelt: " + p.schluessel());
        Map<String, Posten> neu = new LinkedHashMap<>(teile);
        neu.put(p.schluessel(), p);
        return new Gruppe(schluessel, neu);
    }

    Gruppe ohne(String schluesselDesTeils) {
        Map<String, Posten> neu = new LinkedHashMap<>(teile);
        if (neu.remove(schluesselDesTeils) == null) throw new IllegalArgumentException("nicht da");
        return new Gruppe(schluessel, neu);
    }

    @Override public String schluessel() { return schluessel; }
    @Override public long saldo() {
        long s = 0;
        for (Posten p : teile.values()) s += p.saldo();
        return s;
    }
    @Override public int konten() { return teile.values().stream().mapToInt(Posten::konten).sum(); }
}

public class Kontenplan {
    public static void main(String[] args) {
        Gruppe g = new Gruppe("Ausgaben").mit(new Konto("4100", 250)).mit(new Gruppe("Boote").mit(new Konto("4200", 90)));
        System.out.println(g.saldo() + " " + g.konten() + " " + g.ohne("4100").saldo());
    }
}
