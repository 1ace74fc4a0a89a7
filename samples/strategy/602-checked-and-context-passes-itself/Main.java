import java.io.*;
import java.util.*;

interface Ablage { void sichere(Archiv archiv) throws IOException; }
class TextAblage implements Ablage {
    private final Writer ziel;
    TextAblage(Writer ziel) { this.ziel = ziel; }
    @Override public void sichere(Archiv archiv) throws IOException { for (String z : archiv.zeilen()) { ziel.write(z); ziel.write('\n'); } ziel.flush(); }
}
class ZaehlAblage implements Ablage {
    private int anzahl;
    @Override public void sichere(Archiv archiv) { anzahl = archiv.zeilen().size(); }
    int anzahl() { return anzahl; }
}
class DoppelteAblage implements Ablage {
    private final Ablage a, b;
    DoppelteAblage(Ablage a, Ablage b) { this.a = a; this.b = b; }
    @Override public void sichere(Archiv archiv) throws IOException { a.sichere(archiv); b.sichere(archiv); }
}
class Archiv {
    private final List<String> zeilen = new ArrayList<>(); private Ablage ablage; private boolean gesichert = true;
    Archiv(Ablage ablage) { this.ablage = Objects.requireNonNull(ablage, "Ablage"); }
    void notiere(String zeile) { if (zeile.contains("\n")) throw new IllegalArgumentException("eine Zeile"); zeilen.add(zeile); gesichert = false; }
    List<String> zeilen() { return Collections.unmodifiableList(zeilen); }
    void ablage(Ablage neu) { this.ablage = neu; }
    boolean schliesse() {
        if (gesichert) return false;
        try { ablage.sichere(this); gesichert = true; return true; }
        catch (IOException e) { throw new UncheckedIOException(e); }
    }
}
class Hafenmeisterei { public static void main(String[] x) { StringWriter w = new StringWriter(); Archiv a = new Archiv(new TextAblage(w)); a.notiere("07:00 Flut"); System.out.println(a.schliesse() + w.toString()); a.ablage(new ZaehlAblage()); a.notiere("08:00"); a.schliesse(); } }
