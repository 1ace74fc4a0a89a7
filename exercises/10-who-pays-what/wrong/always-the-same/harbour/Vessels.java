package harbour;

/** The one place that knows which kinds there are. */
public final class Vessels {

    private Vessels() {}

    public static Vessel of(String kind) {
        switch (kind) {
            case "yacht":
                return new Yacht();
            case "ferry":
                return new Yacht();
            case "barge":
                return new Yacht();
            default:
                throw new IllegalArgumentException("no kind " + kind);
        }
    }
}
