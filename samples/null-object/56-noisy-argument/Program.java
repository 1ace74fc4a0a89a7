import java.util.*;

class Schiff {
    private final String name;

    Schiff(String name) {
        this.name = name;
        System.out.println("Schiff " + name + " gebaut");
    }

    String name() {
        return name;
    }
}

interface Lotse {
    void begleite(Schiff s);

    Optional<Schiff> zurzeit();
}

class EchterLotse implements Lotse {
    private Schiff s;

    public void begleite(Schiff s) {
        this.s = s;
        System.out.println("begleite " + s.name());
    }

    public Optional<Schiff> zurzeit() {
        return Optional.ofNullable(s);
    }
}

class KeinLotse implements Lotse {
    public void begleite(Schiff s) {}

    public Optional<Schiff> zurzeit() {
        return Optional.empty();
    }
}

class Hafenmeister {
    private Lotse lotse = new KeinLotse();

    void ruft(Lotse l) {
        lotse = l;
    }

    void einlauf(Schiff s) {
        lotse.begleite(s);
    }
}
