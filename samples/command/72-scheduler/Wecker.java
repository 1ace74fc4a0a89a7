import java.util.*;

class Wecker {
    private final SortedMap<Integer, List<Runnable>> plan = new TreeMap<>();
    private int zeit;

    void um(int t, Runnable r) {
        plan.computeIfAbsent(t, k -> new ArrayList<>()).add(r);
    }

    void tick() {
        zeit++;
        List<Runnable> rs = plan.remove(zeit);
        if (rs != null) for (Runnable r : rs) r.run();
    }
}

class Kaffeemaschine {
    int tassen;

    void koche() {
        tassen++;
    }
}

class Fruehschicht implements Runnable {
    private final Kaffeemaschine k;

    Fruehschicht(Kaffeemaschine k) {
        this.k = k;
    }

    public void run() {
        k.koche();
        k.koche();
    }
}

class Start {
    public static void main(String[] a) {
        Wecker w = new Wecker();
        Kaffeemaschine k = new Kaffeemaschine();
        w.um(5, new Fruehschicht(k));
        w.um(9, () -> k.koche());
        for (int i = 0; i < 10; i++) w.tick();
    }
}
