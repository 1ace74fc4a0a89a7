import java.util.Optional;

record Antrag(String wer, long cent) {
    Antrag { if (cent <= 0) throw new IllegalArgumentException("Betrag"); }
}

abstract class Stelle {
    private Stelle hoeher;
    Stelle danach(Stelle s) { this.hoeher = s; return s; }
    Optional<String> entscheide(Antrag a) {
        if (darf(a)) return Optional.of(name() + " genehmigt " + a.wer());
        return hoeher == null ? Optional.empty() : hoeher.entscheide(a);
    }
    protected abstract boolean darf(Antrag a);
    protected abstract String name();
}

class Schreiber extends Stelle {
    protected boolean darf(Antrag a) { return a.cent() < 5000; }
    protected String name() { return "Schreiber"; }
}

class Hafenmeister extends Stelle {
    private final long grenze;
    Hafenmeister(long grenze) { this.grenze = grenze; }
    protected boolean darf(Antrag a) { return a.cent() <= grenze; }
    protected String name() { return "Hafenmeister"; }
}

class Rat extends Stelle {
    protected boolean darf(Antrag a) { return !a.wer().isBlank() && a.cent() < 10_000_000; }
    protected String name() { return "Rat"; }
}

public class Genehmigung {
    public static void main(String[] args) {
        Stelle s = new Schreiber();
        s.danach(new Hafenmeister(200000)).danach(new Rat());
        for (long c : new long[] {100, 90000, 900000, 99999999}) System.out.println(s.entscheide(new Antrag("Onno", c)));
    }
}
