import java.util.List;

interface Fahrzeug {
    void lass(Pruefer p);
}

interface Pruefer {
    void pruefe(Fahrzeug f);
    void pruefe(Stapler s);
    void pruefe(Kranwagen k);
}

class Stapler implements Fahrzeug {
    private final int hub;
    Stapler(int hub) {
        if (hub < 1) throw new IllegalArgumentException("Hub");
        this.hub = hub;
    }
    int hub() { return hub; }
    public void lass(Pruefer p) { p.pruefe(this); }
}

class Kranwagen implements Fahrzeug {
    private final int tonnen;
    Kranwagen(int tonnen) { this.tonnen = tonnen; }
    int tonnen() { return tonnen; }
    public void lass(Pruefer p) { p.pruefe((Fahrzeug) this); }
}

class Plakette implements Pruefer {
    int ok;
    public void pruefe(Fahrzeug f) { }
    public void pruefe(Stapler s) { if (s.hub() < 6) ok++; }
    public void pruefe(Kranwagen k) { if (k.tonnen() < 60) ok++; }
}

class Steuer implements Pruefer {
    int euro;
    public void pruefe(Fahrzeug f) { euro += 10; }
    public void pruefe(Stapler s) { euro += 90; }
    public void pruefe(Kranwagen k) { euro += 20 * k.tonnen(); }
}

public class Fuhrpark {
    public static void main(String[] args) {
        List<Fahrzeug> alle = List.of(new Stapler(3), new Kranwagen(40));
        Plakette p = new Plakette();
        Steuer s = new Steuer();
        alle.forEach(f -> { f.lass(p); f.lass(s); });
        System.out.println(p.ok + " " + s.euro);
    }
}
