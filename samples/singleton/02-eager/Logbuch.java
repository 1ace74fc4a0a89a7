import java.util.ArrayList;
import java.util.List;

public final class Logbuch {
    private static final Logbuch EINZIGES = new Logbuch();

    private final List<String> zeilen;

    private Logbuch() {
        zeilen = new ArrayList<>();
    }

    public static Logbuch holen() {
        return EINZIGES;
    }

    public void schreibe(String zeile) {
        zeilen.add(zeile);
    }
}
