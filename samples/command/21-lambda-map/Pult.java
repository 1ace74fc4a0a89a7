import java.util.*;

interface Befehl {
    void los();
}

class Pult {
    private final Map<String, Befehl> tasten = new TreeMap<>();

    void belege(String t, Befehl b) {
        tasten.put(t, b);
    }

    boolean druecke(String t) {
        Befehl b = tasten.get(t);
        if (b == null) return false;
        b.los();
        return true;
    }
}

class Winde {
    int seil;

    void auf() {
        seil++;
    }

    void ab() {
        seil--;
    }
}

class Start {
    public static void main(String[] a) {
        Winde w = new Winde();
        Pult p = new Pult();
        p.belege("a", w::auf);
        p.belege("b", () -> {
            w.ab();
            w.ab();
        });
        p.druecke("a");
    }
}
