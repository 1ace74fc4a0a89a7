import java.util.*;

abstract class Meldung {
    private final int nummer;
    protected Meldung(int nummer) { this.nummer = nummer; }
    int nummer() { return nummer; }
    abstract <T> T nimm(Pruefer<T> p);
}
class Ankunft extends Meldung {
    final String schiff;
    Ankunft(int n, String schiff) { super(n); this.schiff = schiff; }
    <T> T nimm(Pruefer<T> p) { return p.ankunft(this); }
}
class Abfahrt extends Meldung {
    final String ziel;
    Abfahrt(int n, String ziel) { super(n); this.ziel = ziel; }
    <T> T nimm(Pruefer<T> p) { return p.abfahrt(this); }
}
class Havarie extends Meldung {
    final int schwere;
    Havarie(int n, int schwere) { super(n); if (schwere < 1 || schwere > 5) throw new IllegalArgumentException("Schwere 1 bis 5"); this.schwere = schwere; }
    <T> T nimm(Pruefer<T> p) { return p.havarie(this); }
}
abstract class Pruefer<T> {
    protected T ankunft(Ankunft a) { return sonst(a); }
    protected T abfahrt(Abfahrt a) { return sonst(a); }
    protected T havarie(Havarie h) { return sonst(h); }
    protected abstract T sonst(Meldung m);
    List<T> alle(Collection<? extends Meldung> ms) { List<T> l = new ArrayList<>(); for (Meldung m : ms) l.add(m.nimm(this)); return l; }
}
class Alarm extends Pruefer<Boolean> {
    @Override protected Boolean havarie(Havarie h) { return h.schwere > 2; }
    @Override protected Boolean sonst(Meldung m) { return false; }
}
class Zeile extends Pruefer<String> {
    @Override protected String ankunft(Ankunft a) { return a.nummer() + " an: " + a.schiff; }
    @Override protected String abfahrt(Abfahrt a) { return a.nummer() + " ab nach " + a.ziel; }
    @Override protected String sonst(Meldung m) { return m.nummer() + " siehe Akte"; }
}
class Wache {
    public static void main(String[] x) {
        List<Meldung> tag = List.of(new Ankunft(1, "Alma"), new Havarie(2, 4), new Abfahrt(3, "Oslo"));
        System.out.println(new Alarm().alle(tag) + " " + new Zeile().alle(tag));
    }
}
