import java.util.ArrayList;
import java.util.List;

abstract sealed class Messung permits Wind, Regen, Sicht {
    private final int stunde;
    Messung(int stunde) {
        if (stunde < 0 || stunde > 23) throw new IllegalArgumentException("Stunde " + stunde);
        this.stunde = stunde;
    }
    int stunde() { return stunde; }
    abstract <T> T deute(Deutung<T> d);
}

final class Wind extends Messung {
    private final int staerke;
    Wind(int stunde, int staerke) {
        super(stunde);
        if (staerke < 0 || staerke > 12) throw new IllegalArgumentException("Staerke " + staerke);
        this.staerke = staerke;
    }
    int staerke() { return staerke; }
    @Override <T> T deute(Deutung<T> d) { return d.wind(this); }
}

final class Regen extends Messung {
    private final double mm;
    Regen(int stunde, double mm) { super(stunde); this.mm = mm; }
    double mm() { return mm; }
    @Override <T> T deute(Deutung<T> d) { return d.regen(this); }
}

final class Sicht extends Messung {
    private final int meter;
    Sicht(int stunde, int meter) { super(stunde); this.meter = meter; }
    int meter() { return meter; }
    @Override <T> T deute(Deutung<T> d) { return d.sicht(this); }
}

interface Deutung<T> {
    T wind(Wind w);
    T regen(Regen r);
    T sicht(Sicht s);
}

class Warnung implements Deutung<Boolean> {
    public Boolean wind(Wind w) { return w.staerke() >= 8; }
    public Boolean regen(Regen r) { return r.mm() > 30; }
    public Boolean sicht(Sicht s) { return s.meter() < 500; }
}

class Satz implements Deutung<String> {
    public String wind(Wind w) { return w.stunde() + " Uhr: Windstaerke " + w.staerke(); }
    public String regen(Regen r) { return r.stunde() + " Uhr: " + r.mm() + " mm"; }
    public String sicht(Sicht s) { return s.stunde() + " Uhr: " + s.meter() + " m"; }
}

class Tag {
    private final List<Messung> messungen = new ArrayList<>();
    void trage(Messung m) {
        if (!messungen.isEmpty() && m.stunde() < messungen.get(messungen.size() - 1).stunde()) throw new IllegalStateException("zu spaet");
        messungen.add(m);
    }
    <T> List<T> alle(Deutung<T> d) { return messungen.stream().map(m -> m.<T>deute(d)).toList(); }

    public static void main(String[] args) {
        Tag t = new Tag();
        t.trage(new Wind(6, 9));
        t.trage(new Regen(7, 4.5));
        t.trage(new Sicht(9, 300));
        System.out.println(t.alle(new Satz()));
        System.out.println(t.alle(new Warnung()));
    }
}
