import java.util.List;

interface Kurs {
    double meilen(List<String> haefen);
    String kuerzel();
}

final class Kueste implements Kurs {
    public double meilen(List<String> haefen) { return haefen.size() * 14.5; }
    public String kuerzel() { return "K"; }
}

final class Offen implements Kurs {
    private final double knick;
    Offen(double knick) {
        if (knick < 1 || knick > 2) throw new IllegalArgumentException("knick " + knick);
        this.knick = knick;
    }
    public double meilen(List<String> haefen) { return (haefen.size() - 1) * 11 * knick; }
    public String kuerzel() { return "O"; }
}

final class Reise {
    private final List<String> haefen;
    private final Kurs kurs;
    private final double tempo;
    Reise(List<String> haefen, Kurs kurs, double tempo) {
        if (haefen.size() < 2) throw new IllegalArgumentException("zwei Haefen");
        if (tempo <= 0) throw new IllegalArgumentException("tempo");
        this.haefen = List.copyOf(haefen);
        this.kurs = kurs;
        this.tempo = tempo;
    }
    Reise ueber(Kurs anderer) { return new Reise(haefen, anderer, tempo); }
    Reise schneller(double faktor) { return new Reise(haefen, kurs, tempo * faktor); }
    double stunden() { return kurs.meilen(haefen) / tempo; }
    String titel() { return kurs.kuerzel() + "-" + String.join("/", haefen); }
}

public class Route {
    public static void main(String[] args) {
        Reise r = new Reise(List.of("Mole", "Insel", "Sund"), new Kueste(), 7);
        System.out.println(r.titel() + " " + r.stunden());
        Reise s = r.ueber(new Offen(1.2)).schneller(1.5);
        System.out.println(s.titel() + " " + s.stunden());
    }
}
