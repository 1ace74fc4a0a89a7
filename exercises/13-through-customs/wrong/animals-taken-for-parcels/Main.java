package customs;

public class Main {
    public static void main(String[] args) {
        Pallet pallet = new Pallet();
        pallet.put(new Parcel("Harbour Bookshop", 12));
        Pallet small = new Pallet();
        small.put(new Animal("parrot", 0.4, false));
        small.put(new Animal("dog", 21, true));
        pallet.put(small);
        DutyOfficer officer = new DutyOfficer();
        pallet.accept(officer);
        Vet vet = new Vet();
        pallet.accept(vet);
        System.out.println(pallet.weight() + " kg, " + officer.duty() + " to pay, quarantine: " + vet.quarantine());
    }
}
