interface Getraenk { int preis(); String name(); }
class Tee implements Getraenk { public int preis() { return 180; } public String name() { return "Tee"; } }
class Grog implements Getraenk { public int preis() { return 350; } public String name() { return "Grog"; } }
abstract class Zutat implements Getraenk {
    protected final Getraenk darunter;
    protected Zutat(Getraenk darunter) { this.darunter = darunter; }
    public int preis() { return darunter.preis(); }
    public String name() { return darunter.name(); }
}
class Kandis extends Zutat {
    Kandis(Getraenk g) { super(g); }
    public int preis() { return super.preis() + 20; }
    public String name() { return super.name() + " mit Kandis"; }
}
class Sahne extends Zutat {
    Sahne(Getraenk g) { super(g); }
    public int preis() { return darunter.preis() + 40; }
    public String name() { return darunter.name() + " mit Sahne"; }
}
class Kasse {
    public static void main(String[] args) {
        Getraenk g = new Sahne(new Kandis(new Tee()));
        System.out.println(g.name() + " " + g.preis());
    }
}
