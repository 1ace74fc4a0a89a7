import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

interface Protokollant {
    Protokollant KEINER = new Protokollant() {
        @Override public void schreibe(String zeile) { }
        @Override public int zeilen() { return 0; }
        @Override public List<String> letzte(int n) { return List.of(); }
    };

    void schreibe(String zeile);
    int zeilen();
    List<String> letzte(int n);
}

class Heft implements Protokollant {
    private final List<String> alle = new ArrayList<>();
    @Override public void schreibe(String zeile) {
        if (zeile.isBlank()) throw new IllegalArgumentException("leere Zeile");
        alle.add(zeile);
    }
    @Override public int zeilen() { return alle.size(); }
    @Override public List<String> letzte(int n) { return alle.subList(Math.max(0, alle.size() - n), alle.size()); }
}

class Kran {
    private final String nummer;
    private final Protokollant p;
    private int last;
    Kran(String nummer, Protokollant p) {
        this.nummer = nummer;
        this.p = p;
    }
    void hebe(int kilo) {
        if (kilo <= 0 || kilo > 40000) throw new IllegalArgumentException("Last " + kilo);
        last = kilo;
        p.schreibe(nummer + " hebt " + kilo);
    }
    int last() { return last; }
    String bericht() { return nummer + ": " + p.zeilen() + " Zeilen, zuletzt " + p.letzte(2); }
}

public class Kranhof {
    private final Map<String, Protokollant> hefte = new HashMap<>();
    Protokollant fuer(String kran) { return hefte.getOrDefault(kran, Protokollant.KEINER); }
    void fuehreHeft(String kran) { hefte.put(kran, new Heft()); }

    public static void main(String[] args) {
        Kranhof hof = new Kranhof();
        hof.fuehreHeft("K1");
        for (String n : new String[] {"K1", "K2"}) {
            Kran k = new Kran(n, hof.fuer(n));
            k.hebe(900);
            k.hebe(12000);
            System.out.println(k.bericht());
        }
    }
}
