package dues;

public interface VesselVisitor<R> {
    R visit(Ferry ferry);

    R visit(Tanker tanker);

    R visit(Yacht yacht);
}
