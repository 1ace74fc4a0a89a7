import java.util.ArrayList;
import java.util.List;

interface Leistung {
    int cent();
    String text();
}

class Einzel implements Leistung {
    private final String text;
    private final int cent;
    Einzel(String text, int cent) {
        if (cent < 0) throw new IllegalArgumentException("cent");
        this.text = text; this.cent = cent;
    }
    public int cent() { return cent; }
    public String text() { return text; }
}

class Paket implements Leistung {
    private final String name;
    private final List<Leistung> drin = new ArrayList<>();
    Paket(String name) { this.name = name; }
    void pack(Leistung l) {
        if (l == this) throw new IllegalArgumentException();
        drin.add(l);
    }
    void raus(Leistung l) { drin.remove(l); }
    public int cent() {
        int s = 0;
        for (int i = 0; i < drin.size() - 1; i++) s += drin.get(i).cent();
        return s;
    }
    public String text() {
        StringBuilder b = new StringBuilder(name + ":");
        for (Leistung l : drin) b.append(' ').append(l.text());
        return b.toString();
    }
}

public class Rechnungen {
    public static void main(String[] args) {
        Paket p = new Paket("Sommer");
        p.pack(new Einzel("Strom", 1200));
        Paket w = new Paket("Wasser");
        w.pack(new Einzel("kalt", 300));
        w.pack(new Einzel("warm", 700));
        p.pack(w);
        System.out.println(p.text() + " " + p.cent());
    }
}
