import java.util.ArrayList;
import java.util.List;

interface Bericht<T> {
    String erstelle(List<T> zeilen);
}

abstract class Vorlage<T> implements Bericht<T> {
    @Override
    public final String erstelle(List<T> zeilen) {
        if (zeilen.isEmpty()) throw new IllegalArgumentException("nichts zu berichten");
        StringBuilder b = new StringBuilder();
        b.append(kopf()).append('\n');
        for (T t : zeilen) {
            if (zeigt(t)) {
                b.append(zeile(t)).append('\n');
            }
        }
        fuss(b, zeilen.size());
        return b.toString();
    }

    protected abstract String kopf();

    protected abstract String zeile(T t);

    protected boolean zeigt(T t) { return true; }

    protected void fuss(StringBuilder b, int n) {}
}

record Fang(String art, double kilo) {
    Fang {
        if (kilo <= 0) throw new IllegalArgumentException("kilo " + kilo);
    }
}

abstract class FangBericht extends Vorlage<Fang> {
    private final double mindest;

    FangBericht(double mindest) { this.mindest = mindest; }

    @Override
    protected boolean zeigt(Fang f) { return f.kilo() >= mindest; }

    @Override
    protected String zeile(Fang f) { return name(f) + " " + f.kilo(); }

    protected abstract String name(Fang f);
}

class KurzBericht extends FangBericht {
    KurzBericht() { super(1); }
    @Override protected String kopf() { return "Fang"; }
    @Override protected String name(Fang f) { return f.art().substring(0, 1); }
}

class LangBericht extends FangBericht {
    private final List<String> arten = new ArrayList<>();
    LangBericht() { super(0.1); }
    @Override protected String kopf() { return "Fang nach Arten"; }
    @Override protected String name(Fang f) {
        arten.add(f.art());
        return f.art();
    }
    @Override protected void fuss(StringBuilder b, int n) {
        super.fuss(b, n);
        b.append(arten.size()).append(" von ").append(n);
    }
}

public class Export {
    public static void main(String[] args) {
        List<Fang> f = List.of(new Fang("Hering", 12.5), new Fang("Aal", 0.6), new Fang("Dorsch", 4));
        System.out.println(new KurzBericht().erstelle(f));
        System.out.println(new LangBericht().erstelle(f));
    }
}
