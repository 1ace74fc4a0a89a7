package customs;

public class Animal implements Consignment {
    private final String species;
    private final double kilos;
    private final boolean vaccinated;

    public Animal(String species, double kilos, boolean vaccinated) {
        this.species = species;
        this.kilos = kilos;
        this.vaccinated = vaccinated;
    }

    public String species() {
        return species;
    }

    public boolean isVaccinated() {
        return vaccinated;
    }

    @Override
    public double weight() {
        return kilos;
    }

    @Override
    public void accept(Inspector inspector) {
        inspector.inspect(new Parcel(species, kilos));
    }
}
