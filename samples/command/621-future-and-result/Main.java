import java.util.*;
import java.util.concurrent.*;

interface Auftrag<R> { R erledigen() throws Exception; default Optional<Runnable> rueckweg() { return Optional.empty(); } }
class Lager { private final Map<String, Integer> bestand = new TreeMap<>(); int aendern(String ware, int um) { int neu = bestand.getOrDefault(ware, 0) + um; if (neu < 0) throw new IllegalStateException("zu wenig " + ware); bestand.put(ware, neu); return neu; } int von(String ware) { return bestand.getOrDefault(ware, 0); } }
class Einlagern implements Auftrag<Integer> { private final Lager l; private final String w; private final int n; Einlagern(Lager l, String w, int n) { if (n < 1) throw new IllegalArgumentException("mindestens eins"); this.l = l; this.w = w; this.n = n; } public Integer erledigen() { return l.aendern(w, n); } public Optional<Runnable> rueckweg() { return Optional.of(() -> l.aendern(w, -n)); } }
class Auslagern implements Auftrag<Integer> { private final Lager l; private final String w; private final int n; Auslagern(Lager l, String w, int n) { this.l = l; this.w = w; this.n = n; } public Integer erledigen() { return l.aendern(w, -n); } public Optional<Runnable> rueckweg() { return Optional.of(() -> l.aendern(w, n)); } }
class Zaehlen implements Auftrag<String> { private final Lager l; private final List<String> waren; Zaehlen(Lager l, String... w) { this.l = l; waren = List.of(w); } public String erledigen() { StringBuilder s = new StringBuilder(); for (String w : waren) s.append(w).append('=').append(l.von(w)).append(' '); return s.toString().trim(); } }
class Vorarbeiter {
    private final Deque<Runnable> zurueck = new ArrayDeque<>();
    <R> R gib(Auftrag<R> a) { try { R r = a.erledigen(); a.rueckweg().ifPresent(zurueck::push); return r; } catch (RuntimeException e) { throw e; } catch (Exception e) { throw new IllegalStateException(e); } }
    boolean nimmZurueck() { if (zurueck.isEmpty()) return false; zurueck.pop().run(); return true; }
    public static void main(String[] x) { Lager l = new Lager(); Vorarbeiter v = new Vorarbeiter(); v.gib(new Einlagern(l, "Tee", 5)); v.gib(new Auslagern(l, "Tee", 2)); System.out.println(v.gib(new Zaehlen(l, "Tee"))); v.nimmZurueck(); System.out.println(l.von("Tee")); }
}
