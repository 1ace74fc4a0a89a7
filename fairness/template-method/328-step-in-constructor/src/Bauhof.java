import java.util.ArrayList;
import java.util.List;

abstract class Neubau {
    protected final List<String> schritte = new ArrayList<>();
    private final String name;
    Neubau(String name) {
        if (!name.matches("[A-Z].*")) throw new IllegalArgumentException("Name " + name);
        this.name = name;
    }
    final List<String> baue(int tage) {
        if (tage < 10) throw new IllegalArgumentException("zu schnell");
        kiel();
        rumpf();
        taufe();
        return schritte;
    }
    protected void kiel() { schritte.add("Kiel " + name); }
    protected abstract void rumpf();
    protected void taufe() { schritte.add("Taufe " + name); }
}

class Kutter extends Neubau {
    Kutter(String n) { super(n); }
    protected void rumpf() { schritte.add("Holzrumpf"); }
}

class Faehre extends Neubau {
    Faehre(String n) { super(n); schritte.add("Stahlrumpf"); schritte.add("Klappe"); }
    protected void rumpf() { }
}

public class Bauhof {
    public static void main(String[] args) {
        System.out.println(new Kutter("Moewe").baue(40));
        System.out.println(new Faehre("Tide").baue(90));
    }
}
