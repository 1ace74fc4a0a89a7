public class Ship {
    int l;

    Ship(int l) {
        this.l = l;
    }
}
