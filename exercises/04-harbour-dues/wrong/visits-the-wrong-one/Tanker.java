package dues;

public class Tanker implements Vessel {
    private final double tons;

    public Tanker(double tons) {
        this.tons = tons;
    }

    public double getTons() {
        return tons;
    }

    @Override
    public <R> R accept(VesselVisitor<R> visitor) {
        return visitor.visit(this);
    }
}
