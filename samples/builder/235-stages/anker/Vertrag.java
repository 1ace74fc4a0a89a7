package anker;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

public final class Vertrag {
    private final String boot;
    private final String platz;
    private final LocalDate ab;
    private final List<String> zusaetze;

    private Vertrag(String boot, String platz, LocalDate ab, List<String> zusaetze) {
        this.boot = boot;
        this.platz = platz;
        this.ab = ab;
        this.zusaetze = List.copyOf(zusaetze);
    }

    @Override
    public String toString() {
        return boot + " auf " + platz + " ab " + ab + " " + zusaetze;
    }

    public interface Boot {
        Platz boot(String kennung);
    }

    public interface Platz {
        Beginn platz(String nummer);
    }

    public interface Beginn {
        Ende ab(LocalDate tag);
    }

    public interface Ende {
        Ende mit(String zusatz);

        Vertrag schliesse();
    }

    public static Boot neu() {
        return new Schritte();
    }

    private static final class Schritte implements Boot, Platz, Beginn, Ende {
        private String boot;
        private String platz;
        private LocalDate ab;
        private final List<String> zusaetze = new ArrayList<>();

        @Override
        public Platz boot(String kennung) {
            if (!kennung.matches("[A-Z]{3}-\\d{2}")) throw new IllegalArgumentException("Kennung: " + kennung);
            boot = kennung;
            return this;
        }

        @Override
        public Beginn platz(String nummer) {
            if (!nummer.startsWith("P")) throw new IllegalArgumentException("Platz: " + nummer);
            platz = nummer;
            return this;
        }

        @Override
        public Ende ab(LocalDate tag) {
            if (tag.getDayOfMonth() != 1) throw new IllegalArgumentException("nur zum Ersten");
            ab = tag;
            return this;
        }

        @Override
        public Ende mit(String zusatz) {
            zusaetze.add(zusatz);
            return this;
        }

        @Override
        public Vertrag schliesse() {
            return new Vertrag(boot, platz, ab, zusaetze);
        }
    }

    public static void main(String[] args) {
        System.out.println(Vertrag.neu().boot("MOE-07").platz("P12").ab(LocalDate.of(2026, 4, 1)).mit("Strom").mit("Wasser").schliesse());
        System.out.println(Vertrag.neu().boot("TOR-11").platz("P3").ab(LocalDate.of(2026, 5, 1)).schliesse());
    }
}
