import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.function.ToIntFunction;

interface Einheit {
    String name();
    int koepfe();
    void gruesse(String von);
    default boolean kannAufnehmen() { return false; }
}

final class Teile implements Iterable<Einheit> {
    private final List<Einheit> alle = new ArrayList<>();
    void nimm(Einheit e) {
        for (Einheit da : alle) if (da.name().equals(e.name())) throw new IllegalArgumentException("doppelt: " + e.name());
        alle.add(e);
    }
    boolean gib(Einheit e) { return alle.remove(e); }
    int summe(ToIntFunction<Einheit> f) {
        int s = 0;
        for (Einheit e : alle) s += f.applyAsInt(e);
        return s;
    }
    @Override public Iterator<Einheit> iterator() { return alle.iterator(); }
}

class Person implements Einheit {
    private final String name;
    private final List<String> post = new ArrayList<>();
    Person(String name) {
        if (name.isBlank()) throw new IllegalArgumentException("Name");
        this.name = name;
    }
    public String name() { return name; }
    public int koepfe() { return 1; }
    public void gruesse(String von) { post.add("Gruss von " + von); }
    List<String> post() { return post; }
}

class Gruppe implements Einheit {
    private final String name;
    private final int hoechstens;
    private final Teile teile = new Teile();
    Gruppe(String name, int hoechstens) {
        if (hoechstens < 1) throw new IllegalArgumentException("hoechstens");
        this.name = name;
        this.hoechstens = hoechstens;
    }
    void nimmAuf(Einheit e) {
        if (koepfe() + e.koepfe() > hoechstens) throw new IllegalStateException(name + " ist voll");
        teile.nimm(e);
    }
    void entlasse(Einheit e) { teile.gib(e); }
    public String name() { return name; }
    public int koepfe() { return teile.summe(Einheit::koepfe); }
    public void gruesse(String von) { for (Einheit e : teile) e.gruesse(von); }
    @Override public boolean kannAufnehmen() { return koepfe() < hoechstens; }
}

public class Verein {
    public static void main(String[] args) {
        Gruppe chor = new Gruppe("Shantychor", 40);
        Gruppe bass = new Gruppe("Bass", 5);
        Person p = new Person("Onno");
        bass.nimmAuf(p);
        bass.nimmAuf(new Person("Fiete"));
        chor.nimmAuf(bass);
        chor.nimmAuf(new Person("Wiebke"));
        chor.gruesse("Mole");
        System.out.println(chor.koepfe() + " " + p.post());
    }
}
