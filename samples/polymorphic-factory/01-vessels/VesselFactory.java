package vessels;

public final class VesselFactory {
    private VesselFactory() {}

    public static Vessel create(String kind) {
        return switch (kind) {
            case "ferry" -> new Ferry();
            case "tanker" -> new Tanker();
            default -> throw new IllegalArgumentException("unknown kind: " + kind);
        };
    }
}
