package dues;

public class Dues implements VesselVisitor<Double> {
    @Override
    public Double visit(Ferry ferry) {
        return ferry.getSeats() * 0.5;
    }

    @Override
    public Double visit(Tanker tanker) {
        return 100 + tanker.getTons() * 0.02;
    }

    @Override
    public Double visit(Yacht yacht) {
        return 15.0;
    }
}
