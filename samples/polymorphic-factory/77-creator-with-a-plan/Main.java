import java.util.*;
interface Faehre { int plaetze(); String name(); }
class Katamaran implements Faehre {
    private final String name;
    Katamaran(String name) { this.name = name; }
    public int plaetze() { return 180; }
    public String name() { return name; }
}
class Barkasse implements Faehre {
    private final String name;
    Barkasse(String name) { this.name = name; }
    public int plaetze() { return 40; }
    public String name() { return name; }
}
abstract class Reederei {
    private final List<Faehre> flotte = new ArrayList<>();
    protected abstract Faehre baue(String name);
    Faehre bestelle(String name) {
        Faehre f = baue(Objects.requireNonNull(name).trim());
        flotte.add(f);
        return f;
    }
    int plaetzeInsgesamt() { return flotte.stream().mapToInt(Faehre::plaetze).sum(); }
}
class Schnelllinie extends Reederei {
    @Override protected Katamaran baue(String name) { return new Katamaran("HSC " + name); }
}
class Inselverkehr extends Reederei {
    private int nummer;
    @Override protected Faehre baue(String name) { return new Barkasse(name + " " + (++nummer)); }
}
class Werft {
    public static void main(String[] args) {
        for (Reederei r : List.of(new Schnelllinie(), new Inselverkehr())) {
            r.bestelle("Moewe"); r.bestelle("Robbe");
            System.out.println(r.plaetzeInsgesamt());
        }
    }
}
