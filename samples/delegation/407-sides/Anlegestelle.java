import java.util.EnumMap;
import java.util.Map;

enum Seite { BACKBORD, STEUERBORD }

interface Leine {
    boolean fest();
    int spannung(int wind);
    void loese();
}

class Trosse implements Leine {
    private boolean fest = true;
    private final int staerke;
    Trosse(int staerke) {
        if (staerke < 10) throw new IllegalArgumentException("zu duenn");
        this.staerke = staerke;
    }
    public boolean fest() { return fest; }
    public int spannung(int wind) { return fest ? wind * 100 / staerke : 0; }
    public void loese() { fest = false; }
}

class Kette implements Leine {
    private int glieder = 12;
    public boolean fest() { return glieder > 0; }
    public int spannung(int wind) { return glieder == 0 ? 0 : wind / 2; }
    public void loese() { glieder = 0; }
}

class Festmacher implements Leine {
    private final Leine vorn;
    private int gefragt;
    Festmacher(Leine vorn) {
        if (vorn == null) throw new NullPointerException("vorn");
        this.vorn = vorn;
    }
    public boolean fest() { gefragt++; return vorn.fest(); }
    public int spannung(int wind) {
        if (wind < 0) throw new IllegalArgumentException("Wind");
        gefragt++;
        return vorn.spannung(wind);
    }
    public void loese() { vorn.loese(); }
    int gefragt() { return gefragt; }
}

public class Anlegestelle {
    public static void main(String[] args) {
        Map<Seite, Leine> leinen = new EnumMap<>(Seite.class);
        leinen.put(Seite.BACKBORD, new Festmacher(new Trosse(40)));
        leinen.put(Seite.STEUERBORD, new Festmacher(new Kette()));
        for (Leine l : leinen.values()) {
            System.out.println(l.spannung(30) + " " + l.fest());
            l.loese();
            System.out.println(l.fest());
        }
    }
}
