import java.util.*;

abstract class Einheit {
    private Gruppe oben;
    private final String name;

    protected Einheit(String name) {
        if (name.isBlank()) throw new IllegalArgumentException("ohne Namen");
        this.name = name;
    }

    public String getName() {
        return name;
    }

    Gruppe getOben() {
        return oben;
    }

    void setOben(Gruppe g) {
        oben = g;
    }

    public abstract int zaehlePersonen();

    public abstract void rufe(String botschaft);
}

class Person extends Einheit {
    Person(String n) {
        super(n);
    }

    public int zaehlePersonen() {
        return 1;
    }

    public void rufe(String b) {
        System.out.println(getName() + ": " + b);
    }
}

class Gruppe extends Einheit {
    private final Map<String, Einheit> mitglieder = new LinkedHashMap<>();

    Gruppe(String n) {
        super(n);
    }

    public void nimmAuf(Einheit e) {
        if (e == this) throw new IllegalArgumentException("sich selbst");
        if (e.getOben() != null) e.getOben().entlasse(e);
        mitglieder.put(e.getName(), e);
        e.setOben(this);
    }

    public void entlasse(Einheit e) {
        if (mitglieder.remove(e.getName()) != null) e.setOben(null);
    }

    public int zaehlePersonen() {
        int n = 0;
        for (Einheit e : mitglieder.values()) n += e.zaehlePersonen();
        return n;
    }

    public void rufe(String b) {
        mitglieder.forEach((n, e) -> e.rufe(b));
    }
}
