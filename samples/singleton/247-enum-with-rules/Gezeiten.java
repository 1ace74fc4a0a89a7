import java.util.TreeMap;

public enum Gezeiten {
    UHR;

    private final TreeMap<Integer, Double> staende = new TreeMap<>();

    public void trage(int minute, double stand) {
        if (minute < 0 || minute >= 1440) throw new IllegalArgumentException("Minute " + minute);
        if (!staende.isEmpty() && minute <= staende.lastKey()) throw new IllegalStateException("nur vorwaerts");
        staende.put(minute, stand);
    }

    public double stand(int minute) {
        var e = staende.floorEntry(minute);
        return e == null ? 0 : e.getValue();
    }

    public void neuerTag() { staende.clear(); }
}

class Schreiber {
    void schreibe() {
        Gezeiten.UHR.trage(10, 1.2);
        Gezeiten.UHR.trage(95, 2.8);
    }
}

class Anzeige {
    String text(int minute) { return minute + ": " + Gezeiten.UHR.stand(minute); }

    public static void main(String[] args) {
        new Schreiber().schreibe();
        System.out.println(new Anzeige().text(100));
        Gezeiten.UHR.neuerTag();
        System.out.println(new Anzeige().text(100));
    }
}
