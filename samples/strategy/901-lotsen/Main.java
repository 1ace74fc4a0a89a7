import java.util.*;

/** Reihenfolge, in der Schiffe einen Lotsen bekommen. */
interface Reihung {
    Ankunft naechste(List<Ankunft> wartende);
}

record Ankunft(String schiff, int stunde, int tiefgang, boolean gefahrgut) {
    Ankunft {
        if (stunde < 0 || stunde > 23) throw new IllegalArgumentException("Stunde von 0 bis 23: " + stunde);
        if (tiefgang <= 0) throw new IllegalArgumentException("Tiefgang muss positiv sein");
    }
}

class NachAnkunft implements Reihung {
    public Ankunft naechste(List<Ankunft> wartende) {
        return wartende.stream().min(Comparator.comparingInt(Ankunft::stunde)).orElse(null);
    }
}

class TiefsteZuerst implements Reihung {
    public Ankunft naechste(List<Ankunft> wartende) {
        Ankunft tiefste = null;
        for (Ankunft a : wartende) {
            if (tiefste == null || a.tiefgang() > tiefste.tiefgang()) tiefste = a;
        }
        return tiefste;
    }
}

class GefahrgutZuerst implements Reihung {
    private final Reihung sonst;

    GefahrgutZuerst(Reihung sonst) {
        this.sonst = sonst;
    }

    public Ankunft naechste(List<Ankunft> wartende) {
        for (Ankunft a : wartende) {
            if (a.gefahrgut()) return a;
        }
        return sonst.naechste(wartende);
    }
}

class Lotsenstation {
    private final List<Ankunft> wartende = new ArrayList<>();
    private final Deque<String> freieLotsen = new ArrayDeque<>();
    private Reihung reihung;

    Lotsenstation(Reihung reihung) {
        this.reihung = Objects.requireNonNull(reihung, "Eine Reihung muss sein");
    }

    void setReihung(Reihung reihung) {
        this.reihung = Objects.requireNonNull(reihung, "Eine Reihung muss sein");
    }

    void melde(Ankunft ankunft) {
        wartende.add(ankunft);
    }

    void lotseFrei(String name) {
        if (name.isBlank()) throw new IllegalArgumentException("Name fehlt");
        freieLotsen.addLast(name);
    }

    String teileZu() {
        if (wartende.isEmpty()) return "niemand wartet";
        if (freieLotsen.isEmpty()) return "kein Lotse frei";
        Ankunft dran = reihung.naechste(List.copyOf(wartende));
        wartende.remove(dran);
        return freieLotsen.pollFirst() + " -> " + dran.schiff();
    }
}

public class Main {
    public static void main(String[] args) {
        Lotsenstation station = new Lotsenstation(new NachAnkunft());
        station.melde(new Ankunft("Kranich", 8, 4, false));
        station.melde(new Ankunft("Seeadler", 9, 11, false));
        station.melde(new Ankunft("Tanker 4", 10, 9, true));
        station.lotseFrei("Onno");
        station.lotseFrei("Wiebke");
        System.out.println(station.teileZu());
        station.setReihung(new GefahrgutZuerst(new TiefsteZuerst()));
        System.out.println(station.teileZu());
        System.out.println(station.teileZu());
    }
}
