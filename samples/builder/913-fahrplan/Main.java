import java.time.LocalTime;
import java.util.*;

final class Fahrplan {
    private final String linie;
    private final List<LocalTime> abfahrten;
    private final Map<String, Integer> halte;
    private final boolean winter;

    private Fahrplan(Macher m) {
        linie = m.linie;
        abfahrten = List.copyOf(m.abfahrten);
        halte = Collections.unmodifiableMap(new LinkedHashMap<>(m.halte));
        winter = m.winter;
    }

    static Macher fuer(String linie) { return new Macher(linie); }

    String linie() { return linie; }
    LocalTime erste() { return abfahrten.get(0); }
    boolean imWinter() { return winter; }
    @Override public String toString() { return linie + " " + abfahrten + " " + halte + (winter ? " W" : ""); }

    static final class Macher {
        private final String linie;
        private final SortedSet<LocalTime> abfahrten = new TreeSet<>();
        private final Map<String, Integer> halte = new LinkedHashMap<>();
        private boolean winter;

        private Macher(String linie) {
            if (!linie.matches("F\\d+")) throw new IllegalArgumentException("Linien heißen F1, F2, ...");
            this.linie = linie;
        }
        Macher ab(int stunde, int minute) { abfahrten.add(LocalTime.of(stunde, minute)); return this; }
        Macher alle(int minuten, LocalTime von, LocalTime bis) {
            if (minuten < 5) throw new IllegalArgumentException("zu dicht");
            for (LocalTime t = von; !t.isAfter(bis); t = t.plusMinutes(minuten)) {
                abfahrten.add(t);
                if (t.plusMinutes(minuten).isBefore(t)) break;
            }
            return this;
        }
        Macher halt(String ort, int nachMinuten) {
            if (halte.containsKey(ort)) throw new IllegalStateException(ort + " steht schon im Plan");
            halte.put(ort, nachMinuten);
            return this;
        }
        Macher auchImWinter() { winter = true; return this; }
        Fahrplan drucken() {
            if (abfahrten.isEmpty()) throw new IllegalStateException("keine Abfahrt");
            if (halte.size() < 2) throw new IllegalStateException("mindestens zwei Halte");
            return new Fahrplan(this);
        }
    }
}

class Aushang {
    private final List<Fahrplan> plaene = new ArrayList<>();
    void haenge(Fahrplan p) { plaene.add(p); plaene.sort(Comparator.comparing(Fahrplan::erste)); }
    void zeige() { plaene.forEach(System.out::println); }
}

public class Main {
    public static void main(String[] args) {
        Aushang a = new Aushang();
        a.haenge(Fahrplan.fuer("F2").ab(7, 15).ab(9, 0).halt("Alter Kai", 0).halt("Insel", 25).auchImWinter().drucken());
        a.haenge(Fahrplan.fuer("F1").alle(90, LocalTime.of(6, 0), LocalTime.of(12, 0)).halt("Schleuse", 0).halt("Werft", 8).halt("Insel", 40).drucken());
        a.zeige();
    }
}
