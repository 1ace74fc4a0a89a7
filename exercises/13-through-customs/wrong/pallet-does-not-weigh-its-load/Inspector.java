package customs;

public interface Inspector {
    void inspect(Parcel parcel);

    void inspect(Animal animal);

    void inspect(Pallet pallet);
}
