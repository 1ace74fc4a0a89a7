interface Nachricht {
    String text();
    int kosten();
}

class Klartext implements Nachricht {
    private final String t;
    Klartext(String t) {
        if (t.length() > 160) throw new IllegalArgumentException("zu lang");
        this.t = t;
    }
    public String text() { return t; }
    public int kosten() { return t.length() * 2; }
}

abstract class Huelle implements Nachricht {
    protected final Nachricht innen;
    protected Huelle(Nachricht innen) { this.innen = innen; }
    public String text() { return innen.text(); }
    public int kosten() { return innen.kosten(); }
}

class Dringend extends Huelle {
    Dringend(Nachricht n) { super(n); }
    @Override public String text() { return "!! " + super.text(); }
    @Override public int kosten() {
        super.kosten();
        return 50;
    }
}

class Gruss extends Huelle {
    private final String wer;
    Gruss(Nachricht n, String wer) { super(n); this.wer = wer; }
    @Override public String text() { return super.text() + " Gruss, " + wer; }
}

public class Funkspruch {
    public static void main(String[] args) {
        Nachricht n = new Gruss(new Dringend(new Klartext("Leck im Laderaum")), "Alma");
        System.out.println(n.text() + " " + n.kosten());
    }
}
