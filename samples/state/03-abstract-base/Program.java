abstract class ShipState {
    abstract void leave(Ship s);
    abstract void moor(Ship s);
    String word() { return getClass().getSimpleName(); }
}
class AtSea extends ShipState {
    void leave(Ship s) { throw new IllegalStateException("is out already"); }
    void moor(Ship s) { s.setState(new Moored()); }
}
class Moored extends ShipState {
    void leave(Ship s) { s.setState(new AtSea()); }
    void moor(Ship s) { }
}
class Ship {
    private final String name;
    private ShipState state;
    Ship(String name, ShipState first) { this.name = name; state = first; }
    void setState(ShipState next) { state = next; }
    void leave() { state.leave(this); }
    void moor() { state.moor(this); }
    String log() { return name + ": " + state.word(); }
}
class Demo {
    public static void main(String[] args) {
        Ship s = new Ship("Seeschwalbe", new Moored());
        s.leave();
        s.moor();
        System.out.println(s.log());
    }
}
