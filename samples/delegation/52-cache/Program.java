import java.util.*;

interface Karte {
    String ort(String name);

    int tiefe(int x, int y);
}

class Seekarte implements Karte {
    public String ort(String n) {
        return n + " bei 54 Nord";
    }

    public int tiefe(int x, int y) {
        return x * 3 + y;
    }
}

class Merkkarte implements Karte {
    private final Karte k;
    private final Map<String, String> orte = new HashMap<>();

    Merkkarte(Karte k) {
        this.k = k;
    }

    public String ort(String n) {
        return orte.computeIfAbsent(n, k::ort);
    }

    public int tiefe(int x, int y) {
        if (x < 0 || y < 0) return 0;
        return k.tiefe(x, y);
    }
}
