package customs;

public class Parcel implements Consignment {
    private final String sender;
    private final double kilos;

    public Parcel(String sender, double kilos) {
        if (kilos < 0) {
            throw new IllegalArgumentException("a parcel weighs something");
        }
        this.sender = sender;
        this.kilos = kilos;
    }

    public String sender() {
        return sender;
    }

    @Override
    public double weight() {
        return kilos;
    }

    @Override
    public void accept(Inspector inspector) {
        inspector.inspect(this);
    }
}
