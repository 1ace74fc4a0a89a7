package cargo;

import java.util.ArrayList;
import java.util.List;

public class Container implements Cargo {
    private static final double TARE = 2200;
    private final String number;
    private final List<Crate> contents = new ArrayList<>();

    public Container(String number) {
        this.number = number;
    }

    public void add(Crate cargo) {
        contents.add(cargo);
    }

    public void remove(Crate cargo) {
        contents.remove(cargo);
    }

    @Override
    public double weight() {
        double sum = TARE;
        for (Crate c : contents) {
            sum += c.weight();
        }
        return sum;
    }

    @Override
    public String label() {
        return "container " + number;
    }
}
