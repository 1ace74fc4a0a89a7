import java.util.*;

interface Tarif { int cent(int meter); }
class Sommertarif implements Tarif { public int cent(int meter) { return meter * 250; } }
class Wintertarif implements Tarif { public int cent(int meter) { return meter * 110; } }

class Marina {
    private Tarif tarif;
    private final Map<String, Integer> boote = new LinkedHashMap<>();
    Marina(Tarif tarif) { this.tarif = tarif; }
    void setTarif(Tarif t) { this.tarif = t; }
    void anlegen(String boot, int meter) { if (meter < 2) throw new IllegalArgumentException("zu kurz"); boote.put(boot, meter); }
    int rechnung(String boot) {
        int meter = boote.getOrDefault(boot, 0);
        if (tarif instanceof Sommertarif) return meter * 250;
        if (tarif instanceof Wintertarif) return meter * 110;
        return 0;
    }
}

public class Main {
    public static void main(String[] args) {
        Marina m = new Marina(new Sommertarif());
        m.anlegen("Möwe", 8);
        System.out.println(m.rechnung("Möwe"));
        m.setTarif(new Wintertarif());
        System.out.println(m.rechnung("Möwe"));
    }
}
