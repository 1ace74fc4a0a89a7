import java.util.*;

class Menue {
    private final String vor, haupt;
    private final List<String> extra;

    private Menue(String v, String h, List<String> e) {
        vor = v;
        haupt = h;
        extra = e;
    }

    static Baukasten neu() {
        return new Baukasten();
    }

    int gaenge() {
        return 2 + extra.size();
    }

    String karte() {
        return vor + "," + haupt;
    }

    static class Baukasten {
        private String vor = "Suppe", haupt;
        private List<String> extra = new ArrayList<>();

        Baukasten vorspeise(String v) {
            this.vor = v;
            return this;
        }

        Baukasten hauptgang(String h) {
            this.haupt = h;
            return this;
        }

        Baukasten und(String... e) {
            extra.addAll(Arrays.asList(e));
            return this;
        }

        private void pruefe() {
            if (haupt == null) throw new IllegalStateException("Hauptgang fehlt");
        }

        Menue fertig() {
            pruefe();
            Menue m = new Menue(vor, haupt, List.copyOf(extra));
            extra = new ArrayList<>();
            return m;
        }
    }
}
