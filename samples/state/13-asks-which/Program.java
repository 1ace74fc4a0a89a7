interface ShipState { void leave(Ship s); }
class AtSea implements ShipState { public void leave(Ship s) { } }
class Moored implements ShipState { public void leave(Ship s) { s.setState(new AtSea()); } }
class Ship {
    private ShipState state = new Moored();
    private int fee;
    void setState(ShipState next) { state = next; }
    void leave() { state.leave(this); }
    int day() {
        if (state instanceof Moored) { fee += 12; }
        return fee;
    }
}
