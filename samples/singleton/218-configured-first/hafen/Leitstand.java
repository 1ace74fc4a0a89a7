package hafen;

import java.util.LinkedHashMap;
import java.util.Map;

/** Ein Leitstand je Hafen. Wird vor dem ersten Gebrauch eingerichtet. */
public final class Leitstand {
    private static String kanal = "16";
    private static boolean begonnen;

    private final Map<String, Integer> anker = new LinkedHashMap<>();
    private final String eingerichtet;

    private Leitstand(String kanal) {
        this.eingerichtet = kanal;
    }

    private static final class Halter {
        private static final Leitstand EINER = new Leitstand(kanal);
    }

    public static void richteEin(String neuerKanal) {
        if (begonnen) {
            throw new IllegalStateException("schon in Betrieb");
        }
        if (!neuerKanal.matches("\\d{2}")) {
            throw new IllegalArgumentException("Kanal " + neuerKanal);
        }
        kanal = neuerKanal;
    }

    public static Leitstand gib() {
        begonnen = true;
        return Halter.EINER;
    }

    public void melde(String schiff, int platz) {
        if (anker.containsValue(platz)) {
            throw new IllegalStateException("Platz " + platz + " ist vergeben");
        }
        anker.put(schiff, platz);
    }

    public Integer platz(String schiff) {
        return anker.get(schiff);
    }

    public String kanal() {
        return eingerichtet;
    }
}
