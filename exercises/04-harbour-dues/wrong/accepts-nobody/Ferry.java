package dues;

public class Ferry implements Vessel {
    private final int seats;

    public Ferry(int seats) {
        this.seats = seats;
    }

    public int getSeats() {
        return seats;
    }

    @Override
    public <R> R accept(VesselVisitor<R> visitor) {
        return visitor.visit(this);
    }
}
