public class CargoBerth extends Berth {
    public CargoBerth(double length) {
        super(length);
    }

    protected double fee() {
        return length * 5 + 10;
    }
}
