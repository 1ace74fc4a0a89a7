package customs;

/** Works out what is to be paid. */
public class DutyOfficer implements Inspector {
    private double duty;

    public double duty() {
        return duty;
    }

    @Override
    public void inspect(Parcel parcel) {
        duty += parcel.weight() * 0.8;
    }

    @Override
    public void inspect(Animal animal) {
        duty += 12;
    }

    @Override
    public void inspect(Pallet pallet) {
        for (Consignment c : pallet.load()) {
            c.accept(this);
        }
    }
}
