import java.util.*;
import java.util.function.*;

interface Uebersetzer { String uebersetze(String wort); default boolean kennt(String wort) { return !uebersetze(wort).equals(wort); } }
class Woerterbuch implements Uebersetzer { private final Map<String, String> worte = new HashMap<>(); Woerterbuch mit(String von, String nach) { worte.put(von.toLowerCase(), nach); return this; } public String uebersetze(String w) { return worte.getOrDefault(w.toLowerCase(), w); } }
class Plattdeutsch implements Uebersetzer { public String uebersetze(String w) { return w.replace("ei", "ee").replace("ch", "k"); } }
class Dolmetscher implements Uebersetzer {
    private Uebersetzer sprache; private int gefragt;
    Dolmetscher(Uebersetzer sprache) { wechsle(sprache); }
    final void wechsle(Uebersetzer s) { if (s == this) throw new IllegalArgumentException("nicht sich selbst fragen"); this.sprache = Objects.requireNonNull(s); }
    @Override public String uebersetze(String wort) { gefragt++; return sprache.uebersetze(wort); }
    @Override public boolean kennt(String wort) { return sprache.kennt(wort); }
    String satz(String text) { StringJoiner j = new StringJoiner(" "); for (String w : text.split(" ")) j.add(uebersetze(w)); return j.toString(); }
    int gefragt() { return gefragt; }
}
class Kai { public static void main(String[] a) { Dolmetscher d = new Dolmetscher(new Woerterbuch().mit("Schiff", "ship")); System.out.println(d.satz("das Schiff")); d.wechsle(new Plattdeutsch()); System.out.println(d.satz("ein Schiff") + d.gefragt()); } }
