public class Zentrale {
    private static Zentrale z;

    private Zentrale() {}

    public static Zentrale zentrale() {
        if (z == null) init();
        return z;
    }

    private static void init() {
        z = new Zentrale();
    }
}

class Punkt {
    static final Punkt URSPRUNG = new Punkt(0, 0);
    final int x, y;

    Punkt(int x, int y) {
        this.x = x;
        this.y = y;
    }

    static Punkt von(int x, int y) {
        return new Punkt(x, y);
    }
}
