import java.math.BigDecimal;
import java.util.*;

abstract class Auftrag {
    private final String titel;
    private Sammelauftrag oberauftrag;

    protected Auftrag(String titel) {
        if (titel == null || titel.trim().isEmpty()) throw new IllegalArgumentException("Titel fehlt");
        this.titel = titel;
    }

    public String titel() { return titel; }
    public abstract BigDecimal kosten();
    public abstract int stunden();
    public abstract boolean fertig();

    void haengeAn(Sammelauftrag neu) {
        if (oberauftrag != null && neu != null) throw new IllegalStateException(titel + " gehört schon zu " + oberauftrag.titel());
        oberauftrag = neu;
    }

    public Optional<Sammelauftrag> oberauftrag() { return Optional.ofNullable(oberauftrag); }
}

class Arbeit extends Auftrag {
    private final int stunden;
    private final BigDecimal satz;
    private boolean erledigt;

    Arbeit(String titel, int stunden, String satz) {
        super(titel);
        if (stunden < 1) throw new IllegalArgumentException("mindestens eine Stunde");
        this.stunden = stunden;
        this.satz = new BigDecimal(satz);
    }

    @Override public BigDecimal kosten() { return satz.multiply(BigDecimal.valueOf(stunden)); }
    @Override public int stunden() { return stunden; }
    @Override public boolean fertig() { return erledigt; }
    void erledige() { erledigt = true; }
}

class Material extends Auftrag {
    private final BigDecimal preis;
    private boolean da;

    Material(String titel, BigDecimal preis) {
        super(titel);
        if (preis.signum() < 0) throw new IllegalArgumentException("Preis negativ");
        this.preis = preis;
    }

    @Override public BigDecimal kosten() { return preis; }
    @Override public int stunden() { return 0; }
    @Override public boolean fertig() { return da; }
    void geliefert() { da = true; }
}

class Sammelauftrag extends Auftrag implements Iterable<Auftrag> {
    private final List<Auftrag> teile = new LinkedList<>();

    Sammelauftrag(String titel) { super(titel); }

    Sammelauftrag mit(Auftrag... neue) {
        for (Auftrag a : neue) {
            for (Sammelauftrag s = this; s != null; s = s.oberauftrag().orElse(null)) {
                if (s == a) throw new IllegalArgumentException("Kreis");
            }
            a.haengeAn(this);
            teile.add(a);
        }
        return this;
    }

    void streiche(Auftrag a) {
        if (teile.remove(a)) a.haengeAn(null);
    }

    @Override public Iterator<Auftrag> iterator() { return Collections.unmodifiableList(teile).iterator(); }

    @Override public BigDecimal kosten() {
        BigDecimal summe = BigDecimal.ZERO;
        for (Auftrag a : this) summe = summe.add(a.kosten());
        return summe;
    }
    @Override public int stunden() { return teile.stream().mapToInt(Auftrag::stunden).sum(); }
    @Override public boolean fertig() { return teile.stream().allMatch(Auftrag::fertig); }
}

public class Main {
    public static void main(String[] args) {
        Arbeit schleifen = new Arbeit("Rumpf schleifen", 12, "48.50");
        Material farbe = new Material("Unterwasserfarbe", new BigDecimal("310.00"));
        Sammelauftrag rumpf = new Sammelauftrag("Rumpf").mit(schleifen, farbe);
        Sammelauftrag alles = new Sammelauftrag("Überholung Kutter 7").mit(rumpf, new Arbeit("Motor prüfen", 3, "62"));
        System.out.println(alles.kosten() + " EUR, " + alles.stunden() + " h, fertig: " + alles.fertig());
        schleifen.erledige();
        farbe.geliefert();
        System.out.println(rumpf.fertig());
        alles.streiche(rumpf);
        System.out.println(alles.kosten());
    }
}
