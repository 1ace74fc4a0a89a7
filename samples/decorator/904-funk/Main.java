import java.util.*;
import java.util.function.Consumer;

interface Funkkanal {
    boolean sende(String spruch);
    int gesendet();
}

class Ukw implements Funkkanal {
    private final int kanal;
    private int anzahl;

    Ukw(int kanal) {
        if (kanal < 1 || kanal > 88) throw new IllegalArgumentException("UKW-Kanal 1 bis 88");
        this.kanal = kanal;
    }

    public boolean sende(String spruch) {
        if (spruch.length() > 160) return false;
        anzahl++;
        System.out.println("[" + kanal + "] " + spruch);
        return true;
    }
    public int gesendet() { return anzahl; }
}

abstract class FunkkanalZusatz implements Funkkanal {
    private final Funkkanal innen;
    protected FunkkanalZusatz(Funkkanal innen) { this.innen = Objects.requireNonNull(innen); }
    protected final Funkkanal innen() { return innen; }
    public boolean sende(String spruch) { return innen.sende(spruch); }
    public int gesendet() { return innen.gesendet(); }
}

/** Sprüche mit Rufzeichen davor. */
class MitRufzeichen extends FunkkanalZusatz {
    private final String rufzeichen;
    MitRufzeichen(Funkkanal innen, String rufzeichen) {
        super(innen);
        if (!rufzeichen.matches("[A-Z]{4}")) throw new IllegalArgumentException("Rufzeichen hat vier Buchstaben");
        this.rufzeichen = rufzeichen;
    }
    @Override public boolean sende(String spruch) { return super.sende(rufzeichen + ": " + spruch); }
}

/** Versucht es noch einmal, wenn etwas nicht durchgeht. */
class Hartnaeckig extends FunkkanalZusatz {
    private final int versuche;
    Hartnaeckig(Funkkanal innen, int versuche) {
        super(innen);
        this.versuche = versuche;
    }
    @Override public boolean sende(String spruch) {
        for (int i = 0; i < versuche; i++) {
            if (innen().sende(spruch)) return true;
        }
        return false;
    }
}

/** Teilt lange Sprüche. */
class Geteilt extends FunkkanalZusatz {
    private final int laenge;
    Geteilt(Funkkanal innen, int laenge) { super(innen); this.laenge = Math.max(10, laenge); }
    @Override public boolean sende(String spruch) {
        boolean alle = true;
        for (int i = 0; i < spruch.length(); i += laenge) {
            alle &= innen().sende(spruch.substring(i, Math.min(spruch.length(), i + laenge)));
        }
        return alle;
    }
}

class Mitgehoert extends FunkkanalZusatz {
    private final Consumer<String> ohr;
    Mitgehoert(Funkkanal innen, Consumer<String> ohr) { super(innen); this.ohr = ohr; }
    @Override public boolean sende(String spruch) {
        boolean gut = innen().sende(spruch);
        if (gut) ohr.accept(spruch);
        return gut;
    }
}

public class Main {
    public static void main(String[] args) {
        List<String> buch = new ArrayList<>();
        Funkkanal k = new Mitgehoert(new MitRufzeichen(new Hartnaeckig(new Ukw(12), 2), "DKLM"), buch::add);
        k.sende("Erbitte Einfahrt");
        Funkkanal lang = new Geteilt(new Ukw(16), 20);
        lang.sende("An alle: das Feuerschiff ist heute nicht besetzt.");
        System.out.println(buch + " " + k.gesendet() + " " + lang.gesendet());
    }
}
