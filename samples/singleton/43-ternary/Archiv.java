import java.util.*;

class Archiv {
    private static Archiv a;
    private List<String> l = new ArrayList<>();

    private Archiv() {}

    static synchronized Archiv hole() {
        return a == null ? (a = new Archiv()) : a;
    }

    void rein(String s) {
        l.add(s);
    }
}

class Akte {
    private final String t;

    private Akte(String t) {
        this.t = t;
    }

    static Akte von(String t) {
        return new Akte(t);
    }

    Akte kopie() {
        return new Akte(t);
    }
}
