import java.util.List;
import java.util.Objects;

sealed interface Fracht permits Stueckgut, Schuettgut {
    double tonnen();
}

record Stueckgut(String marke, double tonnen) implements Fracht {
    Stueckgut {
        if (!marke.matches("[A-Z]{2}/\\d{2}")) throw new IllegalArgumentException("Marke " + marke);
    }
}

record Schuettgut(String art, double tonnen) implements Fracht {
    Schuettgut {
        if (tonnen < 5) throw new IllegalArgumentException("Schuettgut unter 5 t");
    }
}

@FunctionalInterface
interface Preisregel {
    long cent(Fracht f, int meilen) throws PreisException;
}

class PreisException extends Exception {
    PreisException(String m) { super(m); }
}

final class Preisregeln {
    private Preisregeln() {}

    static final Preisregel NACH_GEWICHT = (f, meilen) -> Math.round(f.tonnen() * 120);

    static Preisregel nachStrecke(int centJeMeile) {
        return new Preisregel() {
            @Override
            public long cent(Fracht f, int meilen) throws PreisException {
                if (meilen > 500) throw new PreisException("zu weit: " + meilen);
                return (long) centJeMeile * meilen;
            }
        };
    }

    static Preisregel mindestens(long cent, Preisregel andere) {
        return (f, m) -> Math.max(cent, andere.cent(f, m));
    }
}

final class Lieferung {
    private final Preisregel regel;
    private final List<Fracht> fracht;

    Lieferung(Preisregel regel, List<Fracht> fracht) {
        this.regel = Objects.requireNonNull(regel);
        if (fracht.isEmpty()) throw new IllegalArgumentException("leer");
        this.fracht = List.copyOf(fracht);
    }

    Lieferung mitRegel(Preisregel neu) {
        return new Lieferung(neu, fracht);
    }

    long kosten(int meilen) throws PreisException {
        if (meilen <= 0) throw new IllegalArgumentException("Meilen " + meilen);
        long summe = 0;
        for (Fracht f : fracht) summe += regel.cent(f, meilen);
        return summe;
    }
}

class Kontor {
    public static void main(String[] args) throws PreisException {
        Lieferung l = new Lieferung(Preisregeln.NACH_GEWICHT, List.of(new Stueckgut("AB/12", 2.5), new Schuettgut("Kies", 40)));
        System.out.println(l.kosten(30));
        Lieferung m = l.mitRegel(Preisregeln.mindestens(9000, Preisregeln.nachStrecke(75)));
        System.out.println(m.kosten(30));
        try {
            l.mitRegel(Preisregeln.nachStrecke(10)).kosten(800);
        } catch (PreisException e) {
            System.out.println(e.getMessage());
        }
    }
}
