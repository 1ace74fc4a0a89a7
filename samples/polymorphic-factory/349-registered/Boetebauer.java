import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.IntFunction;

abstract class Boot {
    private final int nummer;
    protected Boot(int nummer) { this.nummer = nummer; }
    int nummer() { return nummer; }
    abstract double tempo(double wind);
}

class Jolle extends Boot {
    Jolle(int n) { super(n); }
    double tempo(double wind) { return Math.min(wind * 0.6, 9); }
}

class Ruderboot extends Boot {
    Ruderboot(int n) { super(n); }
    double tempo(double wind) { return 3 - wind / 20; }
}

class Schlepper extends Boot {
    private final int ps;
    Schlepper(int n, int ps) { super(n); this.ps = ps; }
    double tempo(double wind) { return Math.sqrt(ps) / 2; }
}

class Werft {
    private final Map<String, IntFunction<Boot>> plaene = new LinkedHashMap<>();
    private int gebaut;

    Werft() {
        plaene.put("jolle", Jolle::new);
        plaene.put("ruderboot", n -> new Ruderboot(n));
        plaene.put("schlepper", n -> new Schlepper(n, 400));
    }

    void lerne(String art, IntFunction<Boot> plan) {
        if (plaene.containsKey(art)) throw new IllegalArgumentException("bekannt: " + art);
        plaene.put(art, plan);
    }

    Boot baue(String art) {
        IntFunction<Boot> plan = plaene.getOrDefault(art.toLowerCase(), Ruderboot::new);
        return plan.apply(++gebaut);
    }
}

public class Boetebauer {
    public static void main(String[] args) {
        Werft w = new Werft();
        w.lerne("kutter", n -> new Schlepper(n, 120));
        for (String a : new String[] {"Jolle", "Schlepper", "Floss", "kutter"}) {
            Boot b = w.baue(a);
            System.out.println(b.nummer() + " " + b.getClass().getSimpleName() + " " + b.tempo(8));
        }
    }
}
