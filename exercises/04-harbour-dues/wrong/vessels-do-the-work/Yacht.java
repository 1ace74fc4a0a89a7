package dues;

public class Yacht implements Vessel {
    private final double metres = 9;

    @Override
    public double dues() {
        return metres * 1.7;
    }

    @Override
    public <R> R accept(VesselVisitor<R> visitor) {
        return visitor.visit(this);
    }
}
