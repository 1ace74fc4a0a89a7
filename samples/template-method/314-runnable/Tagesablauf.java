import java.util.ArrayList;
import java.util.List;

abstract class Rundgang implements Runnable {
    private final List<String> bericht = new ArrayList<>();
    private boolean fertig;

    @Override
    public final void run() {
        if (fertig) throw new IllegalStateException("nur einmal");
        fertig = true;
        try {
            beginne();
            for (String ort : orte()) pruefe(ort);
        } finally {
            schliesse();
        }
    }

    protected void beginne() { notiere("Beginn"); }
    protected abstract List<String> orte();
    protected abstract void pruefe(String ort);
    protected void schliesse() { notiere("Ende"); }
    protected final void notiere(String s) { bericht.add(s); }
    List<String> bericht() { return List.copyOf(bericht); }
}

abstract class Hafenrundgang extends Rundgang {
    private final String wache;
    Hafenrundgang(String wache) {
        if (wache.isBlank()) throw new IllegalArgumentException("Wache");
        this.wache = wache;
    }
    @Override protected void beginne() {
        super.beginne();
        notiere("Wache " + wache);
    }
}

class Nachtwache extends Hafenrundgang {
    Nachtwache(String wache) { super(wache); }
    @Override protected List<String> orte() { return List.of("Mole", "Kran"); }
    @Override protected void pruefe(String ort) { notiere("Licht an: " + ort); }
}

class Brandwache extends Hafenrundgang {
    Brandwache(String wache) { super(wache); }
    @Override protected List<String> orte() { return List.of("Lager"); }
    @Override protected void pruefe(String ort) { notiere("Loescher: " + ort); }
    @Override protected void schliesse() { notiere("Schlauch auf"); super.schliesse(); }
}

public class Tagesablauf {
    public static void main(String[] args) {
        Rundgang n = new Nachtwache("Brodersen");
        Rundgang b = new Brandwache("Ilse");
        n.run();
        new Thread(b).run();
        System.out.println(n.bericht() + " " + b.bericht());
    }
}
