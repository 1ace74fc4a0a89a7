package dues;

public class Yacht implements Vessel {
    @Override
    public <R> R accept(VesselVisitor<R> visitor) {
        return visitor.visit(new Ferry(0));
    }
}
