public class YachtBerth extends Berth {
    public YachtBerth(double length) {
        super(length);
    }

    protected double fee() {
        return length * 2;
    }
}
