import java.util.ArrayList;
import java.util.List;

interface Hoerer {
    void neu(int wert);
}

class Pegel {
    private final List<Hoerer> hoerer = new ArrayList<>();
    private int wert;
    void an(Hoerer h) {
        if (hoerer.size() >= 8) throw new IllegalStateException("voll");
        hoerer.add(h);
    }
    void ab(Hoerer h) {
        if (!hoerer.contains(h)) throw new IllegalArgumentException("nicht dabei");
        hoerer.remove(hoerer.size() - 1);
    }
    void setze(int neu) {
        if (neu < 0) throw new IllegalArgumentException("negativ");
        wert = neu;
        for (Hoerer h : List.copyOf(hoerer)) h.neu(wert);
    }
}

class Tafel implements Hoerer {
    int zuletzt;
    public void neu(int wert) { zuletzt = wert; }
}

class Horn implements Hoerer {
    int mal;
    public void neu(int wert) { if (wert > 500) mal++; }
}

public class Anzeige {
    public static void main(String[] args) {
        Pegel p = new Pegel();
        Tafel t = new Tafel();
        Horn h = new Horn();
        p.an(h); p.an(t);
        p.setze(520);
        p.ab(t);
        p.setze(600);
        System.out.println(t.zuletzt + " " + h.mal);
    }
}
