import java.lang.ref.*;
import java.util.*;
import java.util.function.*;

class Post {
    private final Map<String, List<WeakReference<Empfaenger>>> abos = new HashMap<>();
    private final Map<String, String> letzte = new HashMap<>();
    void abonniere(String thema, Empfaenger e) { abos.computeIfAbsent(thema, t -> new ArrayList<>()).add(new WeakReference<>(e)); }
    void kuendige(String thema, Empfaenger e) { List<WeakReference<Empfaenger>> l = abos.get(thema); if (l != null) l.removeIf(r -> r.get() == null || r.get() == e); }
    void melde(String thema, String text) {
        letzte.put(thema, text);
        for (Iterator<WeakReference<Empfaenger>> i = abos.getOrDefault(thema, new ArrayList<>()).iterator(); i.hasNext();) {
            Empfaenger e = i.next().get();
            if (e == null) i.remove(); else e.erhalte(thema, text);
        }
    }
    String letzte(String thema) { return letzte.get(thema); }
}
interface Empfaenger { void erhalte(String thema, String text); }
class Brett implements Empfaenger { private final Map<String, String> zettel = new TreeMap<>(); public void erhalte(String t, String x) { zettel.put(t, x); } public String toString() { return zettel.toString(); } }
class Sirene implements Empfaenger { private int laut; public void erhalte(String t, String x) { if (x.endsWith("!")) laut++; } int laut() { return laut; } }
class Dorf { public static void main(String[] a) { Post p = new Post(); Brett b = new Brett(); Sirene s = new Sirene(); p.abonniere("Flut", b); p.abonniere("Flut", s); p.melde("Flut", "kommt!"); p.kuendige("Flut", s); p.melde("Flut", "ist da!"); System.out.println(b + " " + s.laut()); } }
