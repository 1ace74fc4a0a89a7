import java.util.ArrayList;
import java.util.List;

class PruefFehler extends Exception {
    PruefFehler(String m) { super(m); }
}

interface Ladung {
    <R> R nimm(LadungsBesucher<R> b) throws PruefFehler;
}

interface LadungsBesucher<R> {
    R beiContainer(Container c) throws PruefFehler;
    R beiTank(Tank t) throws PruefFehler;
    R beiStapel(Stapel s) throws PruefFehler;
}

abstract class Grundbesucher<R> implements LadungsBesucher<R> {
    private final R sonst;
    protected Grundbesucher(R sonst) { this.sonst = sonst; }
    public R beiContainer(Container c) throws PruefFehler { return sonst; }
    public R beiTank(Tank t) throws PruefFehler { return sonst; }
    public R beiStapel(Stapel s) throws PruefFehler { return sonst; }
}

final class Container implements Ladung {
    private final String nummer;
    private final int tonnen;
    Container(String nummer, int tonnen) {
        if (!nummer.matches("[A-Z]{4}\\d{3}")) throw new IllegalArgumentException(nummer);
        this.nummer = nummer; this.tonnen = tonnen;
    }
    String nummer() { return nummer; }
    int tonnen() { return tonnen; }
    public <R> R nimm(LadungsBesucher<R> b) throws PruefFehler { return b.beiContainer(this); }
}

final class Tank implements Ladung {
    private final int liter;
    Tank(int liter) { this.liter = liter; }
    int liter() { return liter; }
    public <R> R nimm(LadungsBesucher<R> b) throws PruefFehler { return b.beiTank(this); }
}

final class Stapel implements Ladung {
    private final List<Ladung> teile = new ArrayList<>();
    Stapel lege(Ladung l) { teile.add(l); return this; }
    List<Ladung> teile() { return List.copyOf(teile); }
    public <R> R nimm(LadungsBesucher<R> b) throws PruefFehler { return b.beiStapel(this); }
}

class Gewicht implements LadungsBesucher<Double> {
    public Double beiContainer(Container c) { return (double) c.tonnen(); }
    public Double beiTank(Tank t) { return t.liter() / 1000.0; }
    public Double beiStapel(Stapel s) throws PruefFehler {
        double summe = 0;
        for (Ladung l : s.teile()) summe += l.nimm(this);
        return summe;
    }
}

class Gefahr extends Grundbesucher<Boolean> {
    Gefahr() { super(false); }
    @Override public Boolean beiTank(Tank t) throws PruefFehler {
        if (t.liter() < 0) throw new PruefFehler("negativ");
        return t.liter() > 5000;
    }
    @Override public Boolean beiStapel(Stapel s) throws PruefFehler {
        for (Ladung l : s.teile()) if (l.nimm(this)) return true;
        return false;
    }
}

public class Ladungspruefer {
    public static void main(String[] args) throws PruefFehler {
        Ladung l = new Stapel().lege(new Container("ABCD123", 12)).lege(new Tank(8000));
        System.out.println(l.nimm(new Gewicht()) + " " + l.nimm(new Gefahr()));
    }
}
