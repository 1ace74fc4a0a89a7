package dues;

public class Dues implements VesselVisitor<Double> {
    @Override
    public Double visit(Ferry ferry) {
        return ferry.dues();
    }

    @Override
    public Double visit(Tanker tanker) {
        return tanker.dues();
    }

    @Override
    public Double visit(Yacht yacht) {
        return yacht.dues();
    }
}
