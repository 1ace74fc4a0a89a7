import java.util.*;

enum Art {
    EIN,
    AUS
}

interface Melder {
    void melde(Art art, String ware, int menge);
}

class Lagerhaus {
    private final Map<Art, List<Melder>> melder = new EnumMap<>(Art.class);
    private final Map<String, Integer> bestand = new HashMap<>();

    void melde(Art a, Melder m) {
        melder.computeIfAbsent(a, x -> new ArrayList<>()).add(m);
    }

    void vergiss(Art a, Melder m) {
        melder.getOrDefault(a, new ArrayList<>()).remove(m);
    }

    void ein(String ware, int menge) {
        bestand.merge(ware, menge, Integer::sum);
        sage(Art.EIN, ware, menge);
    }

    boolean aus(String ware, int menge) {
        int da = bestand.getOrDefault(ware, 0);
        if (da < menge) return false;
        bestand.put(ware, da - menge);
        sage(Art.AUS, ware, menge);
        return true;
    }

    private void sage(Art a, String w, int n) {
        melder.getOrDefault(a, List.of()).forEach(m -> m.melde(a, w, n));
    }
}

class Tafel implements Melder {
    final List<String> zeilen = new ArrayList<>();

    public void melde(Art a, String w, int n) {
        zeilen.add(a + " " + w + " " + n);
    }
}

class Waage implements Melder {
    int summe;

    public void melde(Art a, String w, int n) {
        summe += a == Art.EIN ? n : -n;
    }
}
