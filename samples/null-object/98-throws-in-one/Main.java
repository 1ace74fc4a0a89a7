interface Crane { int lift(int tons); void swing(int degrees); String position(); }
class GantryCrane implements Crane {
    private int at; private int lifted;
    public int lift(int tons) { lifted += tons; return lifted; }
    public void swing(int degrees) { at = (at + degrees) % 360; }
    public String position() { return at + " deg"; }
}
class NoCrane implements Crane {
    public int lift(int tons) { return 0; }
    public void swing(int degrees) { throw new UnsupportedOperationException("there is no crane"); }
    public String position() { return "none"; }
}
class Pier {
    private Crane crane = new NoCrane();
    void install(Crane c) { crane = c; }
    String unload(int tons) { int t = crane.lift(tons); crane.swing(90); return t + " at " + crane.position(); }
    public static void main(String[] args) {
        Pier p = new Pier();
        p.install(new GantryCrane());
        System.out.println(p.unload(4));
    }
}
