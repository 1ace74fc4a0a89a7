package dues;

public class Pilotage implements VesselVisitor<Boolean> {
    @Override
    public Boolean visit(Ferry ferry) {
        return false;
    }

    @Override
    public Boolean visit(Tanker tanker) {
        return tanker.getTons() > 500;
    }

    @Override
    public Boolean visit(Yacht yacht) {
        return false;
    }
}
