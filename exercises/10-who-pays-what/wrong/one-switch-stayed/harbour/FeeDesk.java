package harbour;

/** Says what a ship pays, and what stands on the bill. */
public class FeeDesk {

    public double fee(String kind, double metres) {
        return Vessels.of(kind).fee(metres);
    }

    public String label(String kind) {
        switch (kind) {
            case "yacht":
                return "pleasure craft";
            case "ferry":
                return "ferry service";
            case "barge":
                return "inland barge";
            default:
                throw new IllegalArgumentException("no kind " + kind);
        }
    }
}
