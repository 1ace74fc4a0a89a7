import java.util.*;
import java.util.function.*;

abstract class Behaelter { protected final String nummer; protected Behaelter(String nummer) { this.nummer = nummer; } abstract int volumen(); abstract boolean kuehlt(); public String toString() { return nummer + " (" + volumen() + ")"; } }
class Standard20 extends Behaelter { Standard20(String n) { super(n); } int volumen() { return 33; } boolean kuehlt() { return false; } }
class Standard40 extends Behaelter { Standard40(String n) { super(n); } int volumen() { return 67; } boolean kuehlt() { return false; } }
class Kuehl extends Behaelter { Kuehl(String n) { super(n); } int volumen() { return 28; } boolean kuehlt() { return true; } }
class BehaelterFabrik {
    private final Map<String, Function<String, ? extends Behaelter>> arten = new HashMap<>();
    private int laufend;
    BehaelterFabrik() { melde("20", Standard20::new); melde("40", Standard40::new); melde("R", Kuehl::new); }
    void melde(String art, Function<String, ? extends Behaelter> bau) { if (arten.putIfAbsent(art, bau) != null) throw new IllegalStateException(art + " gibt es schon"); }
    Behaelter neu(String art) {
        Function<String, ? extends Behaelter> bau = arten.get(art);
        if (bau == null) throw new NoSuchElementException("keine Art " + art + ", nur " + new TreeSet<>(arten.keySet()));
        return bau.apply(art + "-" + String.format("%04d", ++laufend));
    }
}
class Depot {
    private final BehaelterFabrik fabrik; private final Map<Boolean, List<Behaelter>> lager = new HashMap<>();
    Depot(BehaelterFabrik f) { fabrik = f; }
    String stelle(String art) { Behaelter b = fabrik.neu(art); lager.computeIfAbsent(b.kuehlt(), k -> new ArrayList<>()).add(b); return b.toString(); }
    int volumen() { return lager.values().stream().flatMap(List::stream).mapToInt(Behaelter::volumen).sum(); }
    public static void main(String[] a) { Depot d = new Depot(new BehaelterFabrik()); System.out.println(d.stelle("20") + d.stelle("R") + d.volumen()); }
}
