interface Getraenk { int preis(); }
class Tee implements Getraenk { public int preis() { return 180; } }
class Sahne implements Getraenk {
    private final Getraenk darunter = new Tee();
    public int preis() { return darunter.preis() + 40; }
}
