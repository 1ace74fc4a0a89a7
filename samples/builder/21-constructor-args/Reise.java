import java.util.*;

public class Reise {
    private final String ziel;
    private final int tage;
    private final Set<String> extras;

    private Reise(String ziel, int tage, Set<String> extras) {
        this.ziel = ziel;
        this.tage = tage;
        this.extras = extras;
    }

    public static class Bauer {
        private final String ziel;
        private int tage = 1;
        private final Set<String> extras = new TreeSet<>();

        public Bauer(String ziel) {
            this.ziel = ziel;
        }

        public Bauer tage(int t) {
            if (t < 1) throw new IllegalArgumentException("tage");
            tage = t;
            return this;
        }

        public Bauer extra(String e) {
            extras.add(e);
            return this;
        }

        public Reise buche() {
            return new Reise(ziel, tage, Set.copyOf(extras));
        }
    }

    @Override
    public String toString() {
        return ziel + tage + extras;
    }
}

class Agentur {
    Reise standard() {
        return new Reise.Bauer("Nordhafen").tage(3).extra("Lotse").buche();
    }
}
