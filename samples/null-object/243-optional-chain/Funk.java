import java.util.Arrays;
import java.util.List;
import java.util.Optional;

interface Kanal {
    boolean sende(String rufzeichen, String text);
    List<String> empfangen();
    Kanal gedaempft();
}

final class UkwKanal implements Kanal {
    private final int nummer;
    private final boolean leise;
    private final List<String> alles = new java.util.ArrayList<>();

    UkwKanal(int nummer, boolean leise) {
        if (nummer < 1 || nummer > 88) throw new IllegalArgumentException("Kanal " + nummer);
        this.nummer = nummer;
        this.leise = leise;
    }

    public boolean sende(String rufzeichen, String text) {
        if (!rufzeichen.matches("D[A-Z]\\d{4}")) throw new IllegalArgumentException("Rufzeichen " + rufzeichen);
        alles.add(rufzeichen + ": " + (leise ? text.toLowerCase() : text));
        return true;
    }
    public List<String> empfangen() { return List.copyOf(alles); }
    public Kanal gedaempft() { return new UkwKanal(nummer, true); }
}

enum KeinKanal implements Kanal {
    KEINER;
    public boolean sende(String rufzeichen, String text) { return false; }
    public List<String> empfangen() { return List.of(); }
    public Kanal gedaempft() { return this; }
}

class Funkraum {
    private final Kanal[] kanaele;

    Funkraum(Kanal... kanaele) { this.kanaele = kanaele.clone(); }

    Kanal kanal(int platz) {
        return Optional.of(platz)
                .filter(p -> p >= 0 && p < kanaele.length)
                .map(p -> kanaele[p])
                .orElse(KeinKanal.KEINER);
    }

    String rufe(int platz, String rufzeichen, String text) {
        return kanal(platz).gedaempft().sende(rufzeichen, text) ? "gesendet" : "niemand hoert";
    }

    long gespraeche() {
        return Arrays.stream(kanaele).mapToLong(k -> k.empfangen().size()).sum();
    }
}

public class Funk {
    public static void main(String[] args) {
        Funkraum f = new Funkraum(new UkwKanal(16, false), new UkwKanal(72, false));
        System.out.println(f.rufe(0, "DB1234", "Hier Moewe"));
        System.out.println(f.rufe(7, "DB1234", "Hier Moewe"));
        f.kanal(1).sende("DA0001", "Wetter");
        System.out.println(f.gespraeche());
    }
}
