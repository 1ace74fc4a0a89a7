import java.util.*;
import java.util.stream.*;

interface Fracht {
    double gewicht();

    Stream<String> zeilen(int tiefe);

    default boolean schwer() {
        return gewicht() > 1000;
    }
}

record Fass(String inhalt, double gewicht) implements Fracht {
    public Stream<String> zeilen(int t) {
        return Stream.of(" ".repeat(Math.max(0, t)) + inhalt);
    }
}

final class Laderaum implements Fracht {
    private final String name;
    private final Collection<Fracht> fracht;

    Laderaum(String name, Collection<? extends Fracht> fracht) {
        this.name = name;
        this.fracht = new LinkedHashSet<>(fracht);
    }

    public double gewicht() {
        return fracht.stream().collect(Collectors.summingDouble(Fracht::gewicht));
    }

    public Stream<String> zeilen(int t) {
        return Stream.concat(Stream.of(name), fracht.stream().flatMap(f -> f.zeilen(t + 1)));
    }
}
