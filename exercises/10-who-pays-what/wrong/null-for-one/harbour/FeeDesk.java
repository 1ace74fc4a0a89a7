package harbour;

/** Says what a ship pays, and what stands on the bill. */
public class FeeDesk {

    public double fee(String kind, double metres) {
        return Vessels.of(kind).fee(metres);
    }

    public String label(String kind) {
        return Vessels.of(kind).label();
    }
}
