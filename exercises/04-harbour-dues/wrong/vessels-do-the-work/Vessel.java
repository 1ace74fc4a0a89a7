package dues;

public interface Vessel {
    double dues();

    <R> R accept(VesselVisitor<R> visitor);
}
