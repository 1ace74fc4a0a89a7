public class Jetty {
    private final Charge charge;

    public Jetty(Charge charge) {
        this.charge = charge;
    }

    public double price(int hours) {
        return charge.forHours(hours);
    }
}
