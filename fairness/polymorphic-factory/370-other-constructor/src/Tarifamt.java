enum Kundenart { EINHEIMISCH, GAST, VEREIN }

interface Ermaessigung {
    int prozent(int tage);
    String grund();
}

class Einheimisch implements Ermaessigung {
    public int prozent(int tage) { return 20; }
    public String grund() { return "wohnt hier"; }
}

class Gast implements Ermaessigung {
    public int prozent(int tage) { return tage > 6 ? 10 : 0; }
    public String grund() { return "bleibt lange"; }
}

class Verein implements Ermaessigung {
    public int prozent(int tage) { return Math.min(50, 5 * tage); }
    public String grund() { return "gemeinnuetzig"; }
}

class Ermaessigungsstelle {
    Ermaessigung fuer(Kundenart k) {
        if (k == null) throw new IllegalArgumentException("Kundenart fehlt");
        switch (k) {
            case EINHEIMISCH: return new Einheimisch();
            case GAST: return new Gast();
            case VEREIN: return new Gast();
            default: throw new IllegalArgumentException("unbekannt " + k);
        }
    }
    Ermaessigung hoechste() { return new Verein(); }
}

public class Tarifamt {
    public static void main(String[] args) {
        Ermaessigungsstelle s = new Ermaessigungsstelle();
        for (Kundenart k : Kundenart.values()) System.out.println(k + " " + s.fuer(k).prozent(8) + " " + s.fuer(k).grund());
    }
}
