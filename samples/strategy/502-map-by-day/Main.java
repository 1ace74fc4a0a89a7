import java.time.*;
import java.util.*;

interface Tarif {
    long cent(int minuten);
}
class Normaltarif implements Tarif {
    @Override public long cent(int minuten) { return Math.max(100, minuten * 3L); }
}
class Nachttarif implements Tarif {
    @Override public long cent(int minuten) { return 200; }
}
class Festtagstarif implements Tarif {
    private final Tarif sonst;
    Festtagstarif(Tarif sonst) { this.sonst = sonst; }
    @Override public long cent(int minuten) { return sonst.cent(minuten) / 2; }
}
class Tarifbuch {
    private final NavigableMap<LocalTime, Tarif> ab = new TreeMap<>();
    Tarifbuch gilt(LocalTime von, Tarif tarif) { ab.put(von, tarif); return this; }
    Tarif um(LocalTime zeit) {
        Map.Entry<LocalTime, Tarif> e = ab.floorEntry(zeit);
        if (e == null) throw new NoSuchElementException("kein Tarif um " + zeit);
        return e.getValue();
    }
}
class Parkuhr {
    private Tarif tarif;
    private long eingenommen;
    Parkuhr(Tarif tarif) { setTarif(tarif); }
    final void setTarif(Tarif tarif) {
        if (tarif == null) throw new IllegalArgumentException("Tarif fehlt");
        this.tarif = tarif;
    }
    long parken(int minuten) {
        if (minuten <= 0 || minuten > 1440) throw new IllegalArgumentException("Minuten: " + minuten);
        long preis = tarif.cent(minuten);
        eingenommen += preis;
        return preis;
    }
    long eingenommen() { return eingenommen; }
}
class Kai {
    public static void main(String[] a) {
        Tarifbuch buch = new Tarifbuch().gilt(LocalTime.of(6, 0), new Normaltarif()).gilt(LocalTime.of(20, 0), new Nachttarif());
        Parkuhr uhr = new Parkuhr(buch.um(LocalTime.NOON));
        System.out.println(uhr.parken(90));
        uhr.setTarif(new Festtagstarif(buch.um(LocalTime.of(21, 0))));
        System.out.println(uhr.parken(30) + " " + uhr.eingenommen());
    }
}
