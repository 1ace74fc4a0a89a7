import java.util.Map;

interface Werkzeug {
    String name();
    int benutze(int kraft);
}

class Hammer implements Werkzeug {
    public String name() { return "Hammer"; }
    public int benutze(int kraft) { return kraft * 2; }
}

class Zange implements Werkzeug {
    public String name() { return "Zange"; }
    public int benutze(int kraft) { return kraft + 5; }
}

class Spleissnadel implements Werkzeug {
    public String name() { return "Spleissnadel"; }
    public int benutze(int kraft) { return Math.min(kraft, 3); }
}

class Werkzeugschrank {
    private static final Map<String, Class<? extends Werkzeug>> FAECHER =
        Map.of("H", Hammer.class, "Z", Zange.class, "S", Spleissnadel.class);

    Werkzeug hole(String fach) {
        Class<? extends Werkzeug> art = FAECHER.get(fach);
        if (art == null) throw new IllegalArgumentException("kein Fach " + fach);
        try {
            return art.getDeclaredConstructor().newInstance();
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}

public class Werkzeugausgabe {
    public static void main(String[] args) {
        Werkzeugschrank s = new Werkzeugschrank();
        for (String f : new String[] {"H", "Z", "S"}) {
            Werkzeug w = s.hole(f);
            System.out.println(w.name() + " " + w.benutze(10));
        }
    }
}
