public class Lock {
    private Toll toll;

    public Lock(Toll t) {
        toll = t;
    }

    public void setToll(Toll t) {
        this.toll = t;
    }

    public double pass(double m) {
        return toll.take(m);
    }
}
