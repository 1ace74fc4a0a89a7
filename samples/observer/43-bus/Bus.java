import java.util.*;

/** One bus for the whole harbour. */
final class Bus {
    private static final Map<Class<?>, Set<Abonnent>> ABOS = new HashMap<>();

    private Bus() {}

    static void abonniere(Class<?> art, Abonnent a) {
        ABOS.computeIfAbsent(art, k -> new LinkedHashSet<>()).add(a);
    }

    static void kuendige(Class<?> art, Abonnent a) {
        ABOS.getOrDefault(art, new HashSet<>()).remove(a);
    }

    static void melde(Object ereignis) {
        for (Abonnent a : ABOS.getOrDefault(ereignis.getClass(), Set.of())) a.gemeldet(ereignis);
    }
}

interface Abonnent {
    void gemeldet(Object ereignis);
}

record Ankunft(String schiff) {}

class Zoll implements Abonnent {
    int n;

    public void gemeldet(Object e) {
        n++;
    }
}

class Lotsenamt implements Abonnent {
    public void gemeldet(Object e) {
        if (e instanceof Ankunft a) System.out.println(a.schiff());
    }
}

class Einfahrt {
    void ein(String s) {
        Bus.melde(new Ankunft(s));
    }
}
