package customs;

/** Whatever goes through customs: a parcel, or a pallet of consignments. */
public interface Consignment {
    double weight();

    void accept(Inspector inspector);
}
