package dues;

public class Yacht implements Vessel {
    @Override
    public <R> R accept(VesselVisitor<R> visitor) {
        return null;
    }
}
