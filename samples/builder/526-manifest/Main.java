import java.util.*;

final class Frachtbrief {
    private final String absender, empfaenger; private final List<String> stuecke; private final boolean gekuehlt; private final double wert;
    private Frachtbrief(Bauer b) { absender = b.absender; empfaenger = b.empfaenger; stuecke = List.copyOf(b.stuecke); gekuehlt = b.gekuehlt; wert = b.wert; }
    static Bauer von(String absender) { return new Bauer(absender); }
    String absender() { return absender; } String empfaenger() { return empfaenger; } List<String> stuecke() { return stuecke; } boolean gekuehlt() { return gekuehlt; } double wert() { return wert; }
    @Override public String toString() { return absender + " an " + empfaenger + ": " + stuecke + (gekuehlt ? " gekühlt" : "") + " " + wert; }
    static final class Bauer {
        private final String absender; private String empfaenger; private final List<String> stuecke = new ArrayList<>(); private boolean gekuehlt; private double wert = 1;
        private Bauer(String absender) { if (absender.isBlank()) throw new IllegalArgumentException("Absender"); this.absender = absender; }
        Bauer an(String wen) { this.empfaenger = wen; return this; }
        Bauer mit(String... was) { for (String w : was) { if (!w.matches("\\d+ x .+")) throw new IllegalArgumentException("Stücke wie '3 x Kiste': " + w); stuecke.add(w); } return this; }
        Bauer gekuehlt() { gekuehlt = true; return this; }
        Bauer wert(double euro) { if (euro <= 0) throw new IllegalArgumentException("Wert"); wert = euro; return this; }
        Frachtbrief ausstellen() {
            if (empfaenger == null) throw new IllegalStateException("Empfänger fehlt");
            if (stuecke.isEmpty()) throw new IllegalStateException("nichts zu befördern");
            return new Frachtbrief(this);
        }
    }
}
class Spedition { public static void main(String[] a) { System.out.println(Frachtbrief.von("Kontor Wulf").an("Museum").mit("2 x Kiste", "1 x Fass").gekuehlt().wert(900).ausstellen()); } }
