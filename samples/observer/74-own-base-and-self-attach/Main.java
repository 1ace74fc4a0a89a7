import java.util.*;
abstract class Beobachtbar<E> {
    private final List<Beobachter<? super E>> angemeldet = new LinkedList<>();
    public synchronized void anmelden(Beobachter<? super E> b) {
        if (!angemeldet.contains(Objects.requireNonNull(b))) angemeldet.add(b);
    }
    public synchronized void abmelden(Beobachter<? super E> b) { angemeldet.remove(b); }
    protected void benachrichtige(E ereignis) {
        List<Beobachter<? super E>> kopie;
        synchronized (this) { kopie = List.copyOf(angemeldet); }
        for (Beobachter<? super E> b : kopie) {
            try {
                b.geschehen(ereignis);
            } catch (RuntimeException e) {
                System.err.println("Beobachter kaputt: " + e.getMessage());
            }
        }
    }
}
@FunctionalInterface
interface Beobachter<E> { void geschehen(E ereignis); }
record Wasserstand(double meter, boolean steigend) {}
class Pegel extends Beobachtbar<Wasserstand> {
    private double meter = 2.0;
    public void messen(double neu) {
        if (Double.isNaN(neu)) throw new IllegalArgumentException("keine Zahl");
        boolean steigend = neu > meter;
        meter = neu;
        benachrichtige(new Wasserstand(neu, steigend));
    }
    public double stand() { return meter; }
}
class Flutwarnung implements Beobachter<Wasserstand> {
    private final double grenze;
    private boolean gewarnt;
    Flutwarnung(Pegel pegel, double grenze) { this.grenze = grenze; pegel.anmelden(this); }
    @Override public void geschehen(Wasserstand w) { gewarnt = w.steigend() && w.meter() > grenze; }
    boolean gewarnt() { return gewarnt; }
}
class Tagesmittel implements Beobachter<Wasserstand> {
    private double summe; private int anzahl;
    @Override public void geschehen(Wasserstand w) { summe += w.meter(); anzahl++; }
    double mittel() { return anzahl == 0 ? 0 : summe / anzahl; }
}
class Warte {
    public static void main(String[] args) {
        Pegel p = new Pegel();
        Flutwarnung f = new Flutwarnung(p, 4);
        Tagesmittel t = new Tagesmittel();
        p.anmelden(t);
        p.anmelden(w -> System.out.println(w));
        p.messen(3); p.messen(4.5); p.abmelden(t); p.messen(1);
        System.out.println(f.gewarnt() + " " + t.mittel());
    }
}
