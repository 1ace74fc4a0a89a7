public abstract class Berth {
    protected double length;

    public Berth(double length) {
        this.length = length;
    }

    public double invoice() {
        return fee() * 1.19;
    }

    protected abstract double fee();
}
