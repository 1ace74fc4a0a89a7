import java.util.*;
interface Besucher<E, P> { E besucheBoje(Boje b, P mit); E besucheTurm(Leuchtturm t, P mit); E besucheKette(Kette k, P mit); }
interface Seezeichen { <E, P> E nimmAn(Besucher<E, P> besucher, P mit); }
class Boje implements Seezeichen {
    final String farbe;
    Boje(String farbe) { this.farbe = farbe; }
    public <E, P> E nimmAn(Besucher<E, P> besucher, P mit) { return besucher.besucheBoje(this, mit); }
}
class Leuchtturm implements Seezeichen {
    final int meter;
    Leuchtturm(int meter) { this.meter = meter; }
    public <E, P> E nimmAn(Besucher<E, P> besucher, P mit) { return besucher.besucheTurm(this, mit); }
}
class Kette implements Seezeichen {
    final List<Seezeichen> glieder = new ArrayList<>();
    Kette haenge(Seezeichen s) { glieder.add(s); return this; }
    public <E, P> E nimmAn(Besucher<E, P> besucher, P mit) { return besucher.besucheKette(this, mit); }
}
class Kosten implements Besucher<Integer, Integer> {
    public Integer besucheBoje(Boje b, Integer jahre) { return 200 * jahre; }
    public Integer besucheTurm(Leuchtturm t, Integer jahre) { return t.meter * 100 * jahre; }
    public Integer besucheKette(Kette k, Integer jahre) {
        int summe = 0;
        for (Seezeichen s : k.glieder) summe += s.nimmAn(this, jahre);
        return summe;
    }
}
class Beschreibung implements Besucher<String, Locale> {
    public String besucheBoje(Boje b, Locale l) { return b.farbe.toUpperCase(l) + " Boje"; }
    public String besucheTurm(Leuchtturm t, Locale l) { return String.format(l, "Turm %,d m", t.meter); }
    public String besucheKette(Kette k, Locale l) {
        StringJoiner j = new StringJoiner(" - ");
        for (Seezeichen s : k.glieder) j.add(s.nimmAn(this, l));
        return j.toString();
    }
}
class Karte {
    public static void main(String[] args) {
        Kette k = new Kette().haenge(new Boje("rot")).haenge(new Leuchtturm(40));
        System.out.println(k.nimmAn(new Kosten(), 3));
        System.out.println(k.nimmAn(new Beschreibung(), Locale.ROOT));
    }
}
