import java.util.*;

public class Wetter {
    private static class Lage {
        double temp;
        int wind;
    }

    private final Lage lage = new Lage();
    private final Collection<WetterHoerer> hoerer = new HashSet<>();

    public void setHoerer(WetterHoerer h) {
        hoerer.add(h);
    }

    public void loescheHoerer(WetterHoerer h) {
        hoerer.remove(h);
    }

    public void temperatur(double t) {
        lage.temp = t;
        aktualisiere();
    }

    public void wind(int w) {
        lage.wind = w;
        aktualisiere();
    }

    private void aktualisiere() {
        for (var h : hoerer) {
            h.lage(lage.temp, lage.wind);
        }
    }

    public String toString() {
        return lage.temp + "/" + lage.wind;
    }
}

interface WetterHoerer {
    void lage(double temp, int wind);
}

class Tafel implements WetterHoerer {
    public void lage(double temp, int wind) {
        System.out.println(temp);
    }
}

class Windsack implements WetterHoerer {
    boolean voll;

    public void lage(double t, int w) {
        voll = w > 4;
    }
}
