import java.util.ArrayList;
import java.util.List;

class Kiste {
    private final String nummer;
    private final List<String> inhalt;
    private final boolean zerbrechlich;
    Kiste(String nummer, List<String> inhalt, boolean zerbrechlich) {
        this.nummer = nummer; this.inhalt = inhalt; this.zerbrechlich = zerbrechlich;
    }
    String nummer() { return nummer; }
    List<String> inhalt() { return new ArrayList<>(inhalt); }
    boolean zerbrechlich() { return zerbrechlich; }
    @Override public String toString() { return nummer + inhalt + (zerbrechlich ? "!" : ""); }
}

class Packer {
    private String nummer = "K-000";
    private final List<String> inhalt = new ArrayList<>();
    private boolean zerbrechlich;

    Packer nummer(String n) {
        if (!n.matches("K-\\d{3}")) throw new IllegalArgumentException("Nummer " + n);
        nummer = n;
        return this;
    }
    Packer lege(String ding) {
        if (inhalt.size() == 6) throw new IllegalStateException("voll");
        inhalt.add(ding);
        return this;
    }
    Packer vorsicht() { zerbrechlich = true; return this; }
    Kiste zu() {
        if (inhalt.isEmpty()) throw new IllegalStateException("leer");
        return new Kiste(nummer, inhalt, zerbrechlich);
    }
}

public class Packliste {
    public static void main(String[] args) {
        Packer p = new Packer().nummer("K-001").lege("Tassen").vorsicht();
        Kiste a = p.zu();
        Kiste b = p.nummer("K-002").lege("Teller").zu();
        System.out.println(a + " " + b);
    }
}
