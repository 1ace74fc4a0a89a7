package customs;

import java.util.ArrayList;
import java.util.List;

/** Lists the animals that must stay in quarantine. */
public class Vet implements Inspector {
    private final List<String> quarantine = new ArrayList<>();

    public List<String> quarantine() {
        return quarantine;
    }

    @Override
    public void inspect(Parcel parcel) {
        // nothing alive in it
    }

    @Override
    public void inspect(Animal animal) {
        if (!animal.isVaccinated()) {
            quarantine.add(animal.species());
        }
    }

    @Override
    public void inspect(Pallet pallet) {
        pallet.load().forEach(c -> c.accept(this));
    }
}
