import java.util.*;
public final class Fahrplan {
    private final String linie;
    private final List<String> halte;
    private final Map<String, Integer> minuten;
    private final boolean winter;
    private Fahrplan(Builder b) {
        linie = b.linie;
        halte = List.copyOf(b.halte);
        minuten = Map.copyOf(b.minuten);
        winter = b.winter;
    }
    public static Builder fuer(String linie) { return new Builder(linie); }
    public String linie() { return linie; }
    public List<String> halte() { return halte; }
    public int dauer() { return minuten.values().stream().mapToInt(Integer::intValue).sum(); }
    public boolean imWinter() { return winter; }
    @Override public String toString() { return linie + ": " + String.join(" - ", halte); }
    public static final class Builder {
        private final String linie;
        private final List<String> halte = new ArrayList<>();
        private final Map<String, Integer> minuten = new HashMap<>();
        private boolean winter;
        private Builder(String linie) { this.linie = Objects.requireNonNull(linie); }
        public Builder halt(String name, int minutenDavor) {
            if (minutenDavor < 0) throw new IllegalArgumentException("rueckwaerts geht es nicht");
            halte.add(name);
            minuten.merge(name, minutenDavor, Integer::sum);
            return this;
        }
        public Builder auchImWinter() { winter = true; return this; }
        public Fahrplan baue() {
            if (halte.isEmpty()) throw new IllegalStateException(linie + " haelt nirgends");
            return new Fahrplan(this);
        }
    }
}
class Aushang {
    public static void main(String[] args) {
        Fahrplan f = Fahrplan.fuer("Insel").halt("Mole", 0).halt("Watt", 25).auchImWinter().baue();
        System.out.println(f + " " + f.dauer());
    }
}
