import java.util.ArrayList;
import java.util.List;

interface Interessent {
    void wetter(Station s);
}

class Station {
    private final List<Interessent> alle = new ArrayList<>();
    private double wind;
    private String lage = "ruhig";
    void melde(Interessent i) { alle.add(i); }
    void melAb(Interessent i) { alle.remove(i); }
    double wind() { return wind; }
    String lage() { return lage; }
    void misst(double mps, String neueLage) {
        if (mps < 0 || mps > 70) throw new IllegalArgumentException("Wind " + mps);
        sage();
        this.wind = mps;
        this.lage = neueLage;
    }
    private void sage() {
        for (Interessent i : alle) i.wetter(this);
    }
}

class Radio implements Interessent {
    final List<String> gesagt = new ArrayList<>();
    public void wetter(Station s) { gesagt.add(s.lage() + " " + s.wind()); }
}

class Warnung implements Interessent {
    boolean sturm;
    public void wetter(Station s) { sturm = s.wind() > 20; }
}

public class Wetterwarte {
    public static void main(String[] args) {
        Station s = new Station();
        Radio r = new Radio();
        Warnung w = new Warnung();
        s.melde(r); s.melde(w);
        s.misst(8, "frisch");
        s.misst(25, "Sturm");
        System.out.println(r.gesagt + " " + w.sturm);
    }
}
