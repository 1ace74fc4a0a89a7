import java.util.*;
interface Liegegeld { double berechne(Boot boot, int tage); }
record Boot(String name, double laenge, boolean gewerblich) {}
final class NachLaenge implements Liegegeld {
    private final double satz;
    NachLaenge(double satz) { this.satz = satz; }
    public double berechne(Boot b, int tage) { return b.laenge() * satz * tage; }
}
final class Pauschal implements Liegegeld {
    public double berechne(Boot b, int tage) { return tage <= 3 ? 25 : 25 + (tage - 3) * 6.5; }
}
class Ermaessigt implements Liegegeld {
    private final Liegegeld basis;
    private final double prozent;
    Ermaessigt(Liegegeld basis, double prozent) {
        this.basis = Objects.requireNonNull(basis);
        if (prozent < 0 || prozent > 100) throw new IllegalArgumentException("Prozent: " + prozent);
        this.prozent = prozent;
    }
    public double berechne(Boot b, int tage) { return basis.berechne(b, tage) * (100 - prozent) / 100; }
}
class Hafenkasse {
    private final Map<String, Liegegeld> tarife = new TreeMap<>();
    private Liegegeld aktuell = new Pauschal();
    private double summe;
    Hafenkasse() {
        tarife.put("laenge", new NachLaenge(1.2));
        tarife.put("pauschal", aktuell);
    }
    void anmelden(String name, Liegegeld tarif) { tarife.put(name, tarif); }
    void waehle(String name) {
        Liegegeld t = tarife.get(name);
        if (t == null) throw new NoSuchElementException("kein Tarif " + name);
        aktuell = t;
    }
    void setTarif(Liegegeld tarif) { aktuell = Objects.requireNonNull(tarif, "tarif"); }
    double kassiere(Boot boot, int tage) {
        double betrag = Math.round(aktuell.berechne(boot, tage) * 100) / 100.0;
        summe += betrag;
        return betrag;
    }
    double getSumme() { return summe; }
}
class Programm {
    public static void main(String[] args) {
        Hafenkasse k = new Hafenkasse();
        Boot b = new Boot("Seeschwalbe", 9.4, false);
        System.out.println(k.kassiere(b, 4));
        k.waehle("laenge");
        System.out.println(k.kassiere(b, 4));
        k.setTarif(new Ermaessigt(new NachLaenge(1.0), 10));
        System.out.println(k.kassiere(b, 4));
    }
}
