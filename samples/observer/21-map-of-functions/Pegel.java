import java.util.*;
import java.util.function.Consumer;

public class Pegel {
    private double stand;
    private final Map<String, Consumer<Double>> zuhoerer = new LinkedHashMap<>();

    public Runnable abonniere(String name, Consumer<Double> z) {
        zuhoerer.put(name, z);
        return () -> zuhoerer.remove(name);
    }

    public void messe(double neu) {
        if (Math.abs(neu - stand) < 0.01) {
            return;
        }
        stand = neu;
        zuhoerer.values().forEach(z -> z.accept(stand));
    }

    public static void main(String[] args) {
        Pegel p = new Pegel();
        Runnable weg = p.abonniere("anzeige", s -> System.out.println("Stand " + s));
        p.abonniere("log", System.out::println);
        p.messe(3.0);
        weg.run();
        p.messe(4.0);
    }
}
