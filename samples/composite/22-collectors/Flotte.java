import java.util.*;
import java.util.stream.*;

interface Einheit {
    int besatzung();

    String name();

    default void melde() {
        System.out.println(name() + ": " + besatzung());
    }
}

record Schiff(String name, int besatzung) implements Einheit {}

class Verband implements Einheit {
    private final String name;
    private final List<Einheit> einheiten;

    Verband(String name, Einheit... e) {
        this.name = name;
        this.einheiten = new ArrayList<>(Arrays.asList(e));
    }

    public int besatzung() {
        return einheiten.stream().collect(Collectors.summingInt(Einheit::besatzung));
    }

    public String name() {
        return name + einheiten.stream().map(Einheit::name).collect(Collectors.joining(", ", "[", "]"));
    }
}
