import java.util.*;

interface Ansage {
    void sprich(String text);
    int lautstaerke();
    Ansage leiser();
    Ansage STUMM = new Ansage() {
        @Override public void sprich(String text) { }
        @Override public int lautstaerke() { return 0; }
        @Override public Ansage leiser() { return this; }
    };
}

class Lautsprecher implements Ansage {
    private final int stufe;
    private final String ort;
    Lautsprecher(String ort, int stufe) {
        if (stufe < 1 || stufe > 10) throw new IllegalArgumentException("Stufe 1 bis 10");
        this.ort = ort;
        this.stufe = stufe;
    }
    public void sprich(String text) { System.out.println(ort + "(" + stufe + "): " + text); }
    public int lautstaerke() { return stufe; }
    public Ansage leiser() { return stufe == 1 ? STUMM : new Lautsprecher(ort, stufe - 1); }
}

class Steg {
    private final String name;
    private Ansage ansage = Ansage.STUMM;
    private final Queue<String> faehren = new LinkedList<>();

    Steg(String name) { this.name = name; }
    void ruesteAus(Ansage a) { ansage = a == null ? Ansage.STUMM : a; }
    void erwarte(String faehre) { faehren.add(faehre); ansage.sprich(faehre + " in zehn Minuten"); }
    boolean legtAn() {
        String f = faehren.poll();
        if (f == null) return false;
        ansage.sprich(f + " legt an " + name + " an");
        return true;
    }
    void nachtruhe() { ansage = ansage.leiser(); }
    int laut() { return ansage.lautstaerke(); }
}

public class Main {
    public static void main(String[] args) {
        Steg s = new Steg("Steg 3");
        s.erwarte("Möwe");
        s.ruesteAus(new Lautsprecher("Steg 3", 2));
        System.out.println(s.legtAn());
        s.erwarte("Kranich");
        s.nachtruhe();
        s.nachtruhe();
        System.out.println(s.laut());
        System.out.println(s.legtAn() + " " + s.legtAn());
    }
}
