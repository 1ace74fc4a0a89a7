import java.util.HashMap;
import java.util.Map;

interface Forecast {
    int wind(String area);
}

class CoastForecast implements Forecast {
    public int wind(String area) { return area.length() + 2; }
}

class SeaForecast implements Forecast {
    private final int gust;
    SeaForecast(int gust) {
        if (gust < 0 || gust > 12) throw new IllegalArgumentException("gust: " + gust);
        this.gust = gust;
    }
    public int wind(String area) { return gust; }
}

class Signalman {
    private Forecast forecast;
    private final Map<String, Integer> known = new HashMap<>();

    Signalman(Forecast f) { forecast = f; }

    void listenTo(Forecast f) {
        if (f == null) throw new IllegalArgumentException("no forecast");
        forecast = f;
    }

    String hoist(String area) {
        if (!area.startsWith("Area ")) throw new IllegalArgumentException("not an area: " + area);
        int w = known.computeIfAbsent(area, a -> forecast.wind(a));
        return w > 7 ? "two cones" : w > 5 ? "one cone" : "nothing";
    }
}

public class Weather {
    public static void main(String[] args) {
        Signalman s = new Signalman(new CoastForecast());
        System.out.println(s.hoist("Area N"));
        s.listenTo(new SeaForecast(9));
        System.out.println(s.hoist("Area N") + ", " + s.hoist("Area West"));
    }
}
