public class Ship {
    public final String name;
    public final int draught;

    public Ship(String name, int draught) {
        this.name = name;
        this.draught = draught;
    }
}
