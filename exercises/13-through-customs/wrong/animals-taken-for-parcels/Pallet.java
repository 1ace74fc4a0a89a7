package customs;

import java.util.ArrayList;
import java.util.List;

public class Pallet implements Consignment {
    private static final double WOOD = 25;
    private final List<Consignment> load = new ArrayList<>();

    public void put(Consignment consignment) {
        load.add(consignment);
    }

    public void take(Consignment consignment) {
        load.remove(consignment);
    }

    public List<Consignment> load() {
        return List.copyOf(load);
    }

    @Override
    public double weight() {
        double sum = WOOD;
        for (Consignment c : load) {
            sum += c.weight();
        }
        return sum;
    }

    @Override
    public void accept(Inspector inspector) {
        inspector.inspect(this);
    }
}
