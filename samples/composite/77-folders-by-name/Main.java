import java.util.*;
abstract class Lagerplatz {
    private final String name;
    protected Lagerplatz(String name) { this.name = name; }
    String name() { return name; }
    abstract double gewicht();
    abstract void zeige(StringBuilder aus, int tiefe);
    String alsText() { StringBuilder sb = new StringBuilder(); zeige(sb, 0); return sb.toString(); }
}
class Kiste extends Lagerplatz {
    private final double kg;
    Kiste(String name, double kg) { super(name); this.kg = kg; }
    double gewicht() { return kg; }
    void zeige(StringBuilder aus, int tiefe) { aus.append("  ".repeat(tiefe)).append(name()).append(' ').append(kg).append('\n'); }
}
class Regal extends Lagerplatz {
    private final Map<String, Lagerplatz> inhalt = new LinkedHashMap<>();
    Regal(String name) { super(name); }
    Regal stelle(Lagerplatz p) {
        if (inhalt.putIfAbsent(p.name(), p) != null) throw new IllegalStateException(p.name() + " steht schon da");
        return this;
    }
    Lagerplatz nimm(String name) { return inhalt.remove(name); }
    double gewicht() {
        double g = 0;
        for (Map.Entry<String, Lagerplatz> e : inhalt.entrySet()) g += e.getValue().gewicht();
        return g;
    }
    void zeige(StringBuilder aus, int tiefe) {
        aus.append("  ".repeat(tiefe)).append(name()).append('\n');
        inhalt.values().forEach(p -> p.zeige(aus, tiefe + 1));
    }
}
class Speicher {
    public static void main(String[] args) {
        Regal r = new Regal("Halle").stelle(new Kiste("Tau", 12)).stelle(new Regal("links").stelle(new Kiste("Netz", 5)));
        System.out.print(r.alsText());
        System.out.println(r.gewicht());
    }
}
