import java.util.*;

@FunctionalInterface
interface Aufgabe {
    void tu();
}

class Licht {
    boolean an;

    void ein() {
        an = true;
    }

    void aus() {
        an = false;
    }
}

class Einschalten implements Aufgabe {
    private final Licht l;

    Einschalten(Licht l) {
        this.l = l;
    }

    public void tu() {
        l.ein();
    }
}

class Ausschalten implements Aufgabe {
    private final Licht l;

    Ausschalten(Licht l) {
        this.l = l;
    }

    public void tu() {
        l.aus();
    }
}

class Zeitplan {
    private final NavigableMap<Integer, List<Aufgabe>> plan = new TreeMap<>();
    private int jetzt;

    void um(int stunde, Aufgabe a) {
        plan.computeIfAbsent(stunde, s -> new ArrayList<>()).add(a);
    }

    void vergeht(int stunden) {
        int bis = jetzt + Math.max(0, stunden);
        for (List<Aufgabe> l : plan.subMap(jetzt, true, bis, true).values()) l.forEach(Aufgabe::tu);
        jetzt = bis;
    }
}
