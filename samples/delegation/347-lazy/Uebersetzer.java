import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

interface Woerterbuch {
    String wort(String w) throws KeinWort;
    int umfang();
}

class KeinWort extends Exception {
    KeinWort(String w) { super("kein Eintrag: " + w); }
}

class Seemannssprache implements Woerterbuch {
    private final Map<String, String> alle = new HashMap<>(Map.of("links", "backbord", "rechts", "steuerbord"));
    public String wort(String w) throws KeinWort {
        String t = alle.get(w);
        if (t == null) throw new KeinWort(w);
        return t;
    }
    public int umfang() { return alle.size(); }
}

class Marktsprache implements Woerterbuch {
    public String wort(String w) { return w.toUpperCase() + "!"; }
    public int umfang() { return 1; }
}

class SpaetesWoerterbuch implements Woerterbuch {
    private final Supplier<Woerterbuch> quelle;
    private Woerterbuch geladen;
    SpaetesWoerterbuch(Supplier<Woerterbuch> quelle) { this.quelle = quelle; }
    private Woerterbuch buch() {
        if (geladen == null) geladen = quelle.get();
        return geladen;
    }
    @Override public String wort(String w) throws KeinWort { return buch().wort(w); }
    @Override public int umfang() { return buch().umfang(); }
}

public class Uebersetzer {
    public static void main(String[] args) throws KeinWort {
        Woerterbuch s = new SpaetesWoerterbuch(Seemannssprache::new);
        Woerterbuch m = new SpaetesWoerterbuch(Marktsprache::new);
        System.out.println(s.wort("links") + " " + s.umfang() + " " + m.wort("fisch"));
        try {
            s.wort("oben");
        } catch (KeinWort e) {
            System.out.println(e.getMessage());
        }
    }
}
