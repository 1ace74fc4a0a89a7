import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

interface Posten {
    String name();
    int kosten();
    long zaehle(Predicate<Posten> p);
}

record Geraet(String name, int kosten) implements Posten {
    Geraet {
        if (!name.matches("[A-Z]{2}\\d+")) throw new IllegalArgumentException("Geraet " + name);
        if (kosten < 0) throw new IllegalArgumentException("Kosten");
    }
    public long zaehle(Predicate<Posten> p) { return p.test(this) ? 1 : 0; }
}

class Abteilung implements Posten {
    private final String name;
    private final int grundkosten;
    private final int hoechstens;
    private final List<Posten> posten = new ArrayList<>();

    Abteilung(String name, int grundkosten, int hoechstens) {
        if (hoechstens < 1 || hoechstens > 8) throw new IllegalArgumentException("hoechstens " + hoechstens);
        this.name = name;
        this.grundkosten = grundkosten;
        this.hoechstens = hoechstens;
    }

    boolean nimm(Posten p) {
        if (posten.size() >= hoechstens) return false;
        if (posten.stream().anyMatch(q -> q.name().equals(p.name()))) throw new IllegalArgumentException("doppelt: " + p.name());
        return posten.add(p);
    }

    boolean gib(Posten p) { return posten.remove(p); }

    public String name() { return name; }
    public int kosten() { return posten.stream().map(Posten::kosten).reduce(grundkosten, Integer::sum); }
    public long zaehle(Predicate<Posten> p) {
        long n = p.test(this) ? 1 : 0;
        for (Posten q : posten) n += q.zaehle(p);
        return n;
    }
}

public class Team {
    public static void main(String[] args) {
        Abteilung werft = new Abteilung("Werft", 500, 3);
        werft.nimm(new Geraet("KR12", 90));
        werft.nimm(new Geraet("SG1", 40));
        Abteilung hafen = new Abteilung("Hafen", 1000, 2);
        hafen.nimm(werft);
        System.out.println(hafen.kosten() + " " + hafen.zaehle(p -> p.kosten() > 50));
        werft.gib(new Geraet("SG1", 40));
        System.out.println(hafen.kosten());
    }
}
