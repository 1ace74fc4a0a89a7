import java.util.ArrayList;
import java.util.List;

interface Gewuerz {
    int schaerfe();
    String aufEtikett();
    void streue(List<String> topf);
}

enum Regal implements Gewuerz {
    PFEFFER(4, "Pfeffer"), DILL(1, "Dill");

    private final int schaerfe;
    private final String name;
    Regal(int schaerfe, String name) { this.schaerfe = schaerfe; this.name = name; }
    public int schaerfe() { return schaerfe; }
    public String aufEtikett() { return name; }
    public void streue(List<String> topf) { topf.add(name); }
}

final class OhneGewuerz implements Gewuerz {
    static final OhneGewuerz INSTANZ = new OhneGewuerz();
    private OhneGewuerz() {}
    @Override public int schaerfe() { return 0; }
    @Override public String aufEtikett() { return ""; }
    @Override public void streue(List<String> topf) { }
}

class Gericht {
    private final String name;
    private final Gewuerz gewuerz;
    private final List<String> topf = new ArrayList<>();
    Gericht(String name, Gewuerz gewuerz) {
        if (name.length() < 3) throw new IllegalArgumentException("Name: " + name);
        this.name = name;
        this.gewuerz = gewuerz;
    }
    Gericht(String name) { this(name, OhneGewuerz.INSTANZ); }
    void koche(String zutat) {
        topf.add(zutat);
        gewuerz.streue(topf);
    }
    int schaerfe() { return gewuerz.schaerfe() + topf.size() / 10; }
    String karte() { return (name + " " + gewuerz.aufEtikett()).trim() + " " + topf; }
}

public class Bordkueche {
    public static void main(String[] args) {
        Gericht a = new Gericht("Labskaus", Regal.PFEFFER);
        Gericht b = new Gericht("Scholle");
        a.koche("Ruebe");
        b.koche("Fisch");
        System.out.println(a.karte() + a.schaerfe() + "; " + b.karte() + b.schaerfe());
    }
}
