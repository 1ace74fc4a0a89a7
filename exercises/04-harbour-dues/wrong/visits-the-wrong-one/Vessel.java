package dues;

public interface Vessel {
    <R> R accept(VesselVisitor<R> visitor);
}
