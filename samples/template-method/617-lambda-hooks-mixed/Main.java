import java.util.*;
import java.util.function.*;

abstract class Anleger<T> {
    private final List<String> protokoll = new ArrayList<>();
    public List<T> abfertigen(Collection<? extends T> schlange) {
        oeffnen();
        List<T> fertig = new ArrayList<>();
        for (T t : ordnen(schlange)) {
            if (!darf(t)) { protokoll.add("abgewiesen: " + bezeichnung(t)); continue; }
            bearbeiten(t); fertig.add(t);
        }
        schliessen(fertig.size());
        return fertig;
    }
    protected Iterable<? extends T> ordnen(Collection<? extends T> schlange) { return schlange; }
    protected boolean darf(T t) { return true; }
    protected abstract void bearbeiten(T t);
    protected String bezeichnung(T t) { return String.valueOf(t); }
    protected void oeffnen() { protokoll.add("auf"); }
    protected void schliessen(int n) { protokoll.add("zu nach " + n); }
    List<String> protokoll() { return protokoll; }
}
class Autofaehre extends Anleger<String> {
    private int spuren;
    @Override protected boolean darf(String kennzeichen) { return kennzeichen.matches("NH \\d+"); }
    @Override protected void bearbeiten(String k) { spuren++; }
    @Override protected void schliessen(int n) { super.schliessen(n); spuren = 0; }
}
class Personenfaehre extends Anleger<Integer> {
    private int personen;
    @Override protected Iterable<? extends Integer> ordnen(Collection<? extends Integer> s) { List<Integer> l = new ArrayList<>(s); l.sort(Comparator.reverseOrder()); return l; }
    @Override protected void bearbeiten(Integer gruppe) { personen += gruppe; }
    @Override protected String bezeichnung(Integer g) { return g + " Personen"; }
}
class Faehranleger { public static void main(String[] a) { Autofaehre f = new Autofaehre(); System.out.println(f.abfertigen(List.of("NH 12", "XX")) + " " + f.protokoll()); System.out.println(new Personenfaehre().abfertigen(List.of(2, 5))); } }
