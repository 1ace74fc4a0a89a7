import java.util.*;
public abstract class Bericht {
    private final StringBuilder aus = new StringBuilder();
    private int zeilen;
    protected Bericht() {}
    public final String erstelle(List<Double> werte) {
        aus.setLength(0);
        zeilen = 0;
        kopf();
        if (werte.isEmpty()) {
            leer();
        } else {
            for (int i = 0; i < werte.size(); i++) {
                zeile(i + 1, werte.get(i));
            }
            fuss(werte.stream().mapToDouble(Double::doubleValue).sum());
        }
        return aus.toString();
    }
    protected final void schreibe(String text) { aus.append(text).append(System.lineSeparator()); zeilen++; }
    protected final int zeilen() { return zeilen; }
    protected abstract void kopf();
    protected abstract void zeile(int nr, double wert);
    protected void leer() { schreibe("keine Werte"); }
    protected void fuss(double summe) {}
}
class Textbericht extends Bericht {
    @Override protected void kopf() { schreibe("Pegel"); }
    @Override protected void zeile(int nr, double wert) { schreibe(nr + ". " + wert); }
    @Override protected void fuss(double summe) { schreibe("Summe " + summe + " in " + zeilen() + " Zeilen"); }
}
class Tabelle extends Bericht {
    private final char trenner;
    Tabelle(char trenner) { this.trenner = trenner; }
    @Override protected void kopf() { schreibe("nr" + trenner + "wert"); }
    @Override protected void zeile(int nr, double wert) { schreibe(nr + "" + trenner + wert); }
    @Override protected void leer() {}
}
class Ausgabe {
    public static void main(String[] args) {
        System.out.print(new Textbericht().erstelle(List.of(1.0, 2.5)) + new Tabelle(';').erstelle(List.of()));
    }
}
