import java.util.*;

public class Kalender {
    private final Map<String, Integer> tage;
    private static Kalender kalender;

    private Kalender(Map<String, Integer> t) {
        tage = t;
    }

    public static Kalender get() {
        if (Objects.isNull(kalender)) {
            Map<String, Integer> m = new HashMap<>();
            m.put("Kirmes", 12);
            kalender = new Kalender(m);
        }
        return kalender;
    }

    public int tag(String s) {
        return tage.getOrDefault(s, -1);
    }
}

class Termin {
    private final int t;

    Termin(int t) {
        this.t = t;
    }

    Termin verschoben(int d) {
        return new Termin(t + d);
    }

    static Termin heute() {
        return new Termin(0);
    }
}
