import java.util.Arrays;
import java.util.Locale;
import java.util.function.IntFunction;

public enum Sorte {
    HERING("H") {
        @Override
        Fisch fange(int gramm) { return new Hering(gramm); }
    },
    SCHOLLE("S") {
        @Override
        Fisch fange(int gramm) { return new Scholle(gramm); }
    },
    AAL("A") {
        @Override
        Fisch fange(int gramm) {
            if (gramm < 300) throw new IllegalArgumentException("untermassig: " + gramm);
            return new Aal(gramm);
        }
    };

    private final String kuerzel;

    Sorte(String kuerzel) { this.kuerzel = kuerzel; }

    abstract Fisch fange(int gramm);

    static Sorte mitKuerzel(String k) {
        return Arrays.stream(values())
                .filter(s -> s.kuerzel.equals(k.toUpperCase(Locale.ROOT)))
                .findAny()
                .orElseThrow(() -> new IllegalArgumentException("keine Sorte " + k));
    }
}
