import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;

public final class Fahrplan {

    public record Halt(String anleger, LocalTime ab, boolean bedarf) {}

    private final String linie;
    private final List<Halt> halte;
    private final boolean fahrrad;

    private Fahrplan(Bauer b) {
        linie = b.linie;
        halte = List.copyOf(b.halte);
        fahrrad = b.fahrrad;
    }

    public static Bauer linie(String linie) {
        return new Bauer(linie);
    }

    public String linie() { return linie; }
    public List<Halt> halte() { return halte; }
    public boolean fahrrad() { return fahrrad; }

    public static final class Bauer {
        private final String linie;
        private final List<Halt> halte = new ArrayList<>();
        private boolean fahrrad;

        private Bauer(String linie) {
            if (!linie.matches("F\\d{1,2}")) {
                throw new IllegalArgumentException("Linie: " + linie);
            }
            this.linie = linie;
        }

        public Bauer halt(Consumer<HaltBauer> wie) {
            HaltBauer h = new HaltBauer();
            wie.accept(h);
            Halt fertig = h.baue();
            if (!halte.isEmpty() && !fertig.ab().isAfter(halte.get(halte.size() - 1).ab())) {
                throw new IllegalStateException("Halte nicht in der Reihenfolge der Zeit");
            }
            halte.add(fertig);
            return this;
        }

        public Bauer mitFahrrad() {
            fahrrad = true;
            return this;
        }

        public Fahrplan baue() {
            if (halte.size() < 2) {
                throw new IllegalStateException("ein Fahrplan braucht zwei Halte");
            }
            return new Fahrplan(this);
        }
    }

    public static final class HaltBauer {
        private String anleger;
        private LocalTime ab;
        private boolean bedarf;

        public HaltBauer anleger(String a) {
            anleger = Objects.requireNonNull(a);
            return this;
        }

        public HaltBauer ab(int stunde, int minute) {
            ab = LocalTime.of(stunde, minute);
            return this;
        }

        public HaltBauer nurBeiBedarf() {
            bedarf = true;
            return this;
        }

        Halt baue() {
            return new Halt(Objects.requireNonNull(anleger, "Anleger"), Objects.requireNonNull(ab, "Zeit"), bedarf);
        }
    }

    public static void main(String[] args) {
        Fahrplan f = Fahrplan.linie("F3")
                .halt(h -> h.anleger("Nordmole").ab(8, 5))
                .halt(h -> h.anleger("Fischmarkt").ab(8, 25).nurBeiBedarf())
                .halt(h -> h.anleger("Speicherinsel").ab(8, 50))
                .mitFahrrad()
                .baue();
        System.out.println(f.linie() + " " + f.halte() + " " + f.fahrrad());
        try {
            Fahrplan.linie("F4").halt(h -> h.anleger("Nordmole").ab(9, 0)).baue();
        } catch (IllegalStateException e) {
            System.out.println(e.getMessage());
        }
    }
}
