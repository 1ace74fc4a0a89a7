import java.util.ArrayList;
import java.util.List;

class Karte {
    private final String anlass;
    private final String ort;
    private final int stunde;
    private final List<String> gaeste;
    Karte(String anlass, String ort, int stunde, List<String> gaeste) {
        this.anlass = anlass; this.ort = ort; this.stunde = stunde; this.gaeste = gaeste;
    }
    String anlass() { return anlass; }
    String ort() { return ort; }
    int stunde() { return stunde; }
    List<String> gaeste() { return gaeste; }
    @Override public String toString() { return anlass + " in " + ort + " um " + stunde + " mit " + gaeste; }
}

class Kartenmacher {
    private String anlass = "Fest";
    private String ort = "Hafenamt";
    private int stunde = 18;
    private final List<String> gaeste = new ArrayList<>();

    Kartenmacher zu(String anlass) {
        if (anlass.isBlank()) throw new IllegalArgumentException("Anlass");
        this.anlass = anlass;
        return this;
    }
    Kartenmacher im(String saal) {
        if (saal.isBlank()) throw new IllegalArgumentException("Saal");
        this.ort = ort;
        return this;
    }
    Kartenmacher um(int stunde) {
        if (stunde < 8 || stunde > 23) throw new IllegalArgumentException("Stunde " + stunde);
        this.stunde = stunde;
        return this;
    }
    Kartenmacher fuer(String gast) { gaeste.add(gast); return this; }
    Karte drucke() { return new Karte(anlass, ort, stunde, List.copyOf(gaeste)); }
}

public class Einladung {
    public static void main(String[] args) {
        System.out.println(new Kartenmacher().zu("Stapellauf").im("Seglerheim").um(20).fuer("Onno").drucke());
    }
}
