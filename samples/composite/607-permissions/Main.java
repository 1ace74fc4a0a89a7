import java.util.*;
import java.util.stream.*;

interface Recht { boolean erlaubt(String wer, String was); default Recht und(Recht r) { return new Alle(this, r); } default Recht oder(Recht r) { return new Eines(this, r); } }
class Jeder implements Recht { public boolean erlaubt(String wer, String was) { return !was.isEmpty(); } }
class Nur implements Recht { private final Set<String> namen; Nur(String... n) { namen = Set.of(n); } public boolean erlaubt(String wer, String was) { return namen.contains(wer); } }
class FuerSache implements Recht { private final String sache; FuerSache(String s) { sache = s; } public boolean erlaubt(String wer, String was) { return was.equalsIgnoreCase(sache); } }
abstract class Verbund implements Recht {
    protected final List<Recht> teile = new ArrayList<>();
    protected Verbund(Recht... r) { for (Recht x : r) aufnehmen(x); }
    public final void aufnehmen(Recht r) { if (r == this) throw new IllegalArgumentException("nicht in sich selbst"); teile.add(Objects.requireNonNull(r)); }
}
class Alle extends Verbund { Alle(Recht... r) { super(r); } public boolean erlaubt(String wer, String was) { return teile.stream().allMatch(t -> t.erlaubt(wer, was)); } }
class Eines extends Verbund { Eines(Recht... r) { super(r); } public boolean erlaubt(String wer, String was) { for (Recht t : teile) if (t.erlaubt(wer, was)) return true; return false; } }
class Pforte { public static void main(String[] a) { Recht r = new Nur("Okke").oder(new FuerSache("Steg").und(new Jeder())); System.out.println(r.erlaubt("Okke", "Turm") + " " + r.erlaubt("Fenja", "Steg")); } }
