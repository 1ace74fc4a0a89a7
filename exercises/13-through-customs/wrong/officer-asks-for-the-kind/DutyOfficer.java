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
            if (c instanceof Parcel) {
                inspect((Parcel) c);
            } else if (c instanceof Animal) {
                inspect((Animal) c);
            } else if (c instanceof Pallet) {
                inspect((Pallet) c);
            }
        }
    }
}
