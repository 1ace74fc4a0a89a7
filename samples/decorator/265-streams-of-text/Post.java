import java.util.Locale;
import java.util.Objects;

interface Telegramm {
    String text();
    int worte();
}

final class Einfach implements Telegramm {
    private final String text;
    Einfach(String text) {
        if (text.isBlank() || text.length() > 120) throw new IllegalArgumentException("Text");
        this.text = text;
    }
    public String text() { return text; }
    public int worte() { return text.split(" +").length; }
}

abstract class Zusatz implements Telegramm {
    private final Telegramm innen;
    Zusatz(Telegramm innen) { this.innen = Objects.requireNonNull(innen); }
    public String text() { return innen.text(); }
    public int worte() { return innen.worte(); }
}

class Dringend extends Zusatz {
    Dringend(Telegramm t) { super(t); }
    @Override public String text() { return "DRINGEND " + super.text(); }
    @Override public int worte() { return super.worte() * 2; }
}

class Gross extends Zusatz {
    Gross(Telegramm t) { super(t); }
    @Override public String text() { return super.text().toUpperCase(Locale.ROOT); }
}

class MitAntwort extends Zusatz {
    private final int bezahlt;
    MitAntwort(Telegramm t, int bezahlt) {
        super(t);
        if (bezahlt < 1 || bezahlt > 20) throw new IllegalArgumentException("Worte " + bezahlt);
        this.bezahlt = bezahlt;
    }
    @Override public int worte() { return super.worte() + bezahlt; }
}

public class Post {
    public static void main(String[] args) {
        Telegramm t = new MitAntwort(new Dringend(new Gross(new Einfach("komme morgen frueh"))), 5);
        System.out.println(t.text() + " " + t.worte());
    }
}
