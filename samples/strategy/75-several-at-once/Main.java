import java.util.*;
interface Zuschlag {
    boolean gilt(Fracht f);
    int cent(Fracht f);
}
class Fracht {
    final int kilo; final boolean gefaehrlich; final int hoehe;
    Fracht(int kilo, boolean gefaehrlich, int hoehe) { this.kilo = kilo; this.gefaehrlich = gefaehrlich; this.hoehe = hoehe; }
}
class Schwer implements Zuschlag {
    public boolean gilt(Fracht f) { return f.kilo > 1000; }
    public int cent(Fracht f) { return (f.kilo - 1000) * 2; }
}
class Gefahr implements Zuschlag {
    public boolean gilt(Fracht f) { return f.gefaehrlich; }
    public int cent(Fracht f) { return 5000 + f.kilo; }
}
class Sperrig implements Zuschlag {
    private final int ab;
    Sperrig(int ab) { this.ab = ab; }
    public boolean gilt(Fracht f) { return f.hoehe > ab; }
    public int cent(Fracht f) { return (f.hoehe - ab) * 10; }
}
class Frachtrechnung {
    private final List<Zuschlag> zuschlaege;
    Frachtrechnung(Zuschlag... z) { zuschlaege = new ArrayList<>(Arrays.asList(z)); }
    Frachtrechnung und(Zuschlag z) { zuschlaege.add(z); return this; }
    int preis(Fracht f) {
        int cent = f.kilo * 12;
        for (Zuschlag z : zuschlaege) if (z.gilt(f)) cent += z.cent(f);
        return cent;
    }
}
class Kontor {
    public static void main(String[] args) {
        Frachtrechnung r = new Frachtrechnung(new Schwer(), new Gefahr()).und(new Sperrig(200));
        System.out.println(r.preis(new Fracht(1500, true, 250)));
    }
}
