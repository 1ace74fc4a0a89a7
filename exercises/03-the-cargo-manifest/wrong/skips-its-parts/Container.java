package cargo;

import java.util.ArrayList;
import java.util.List;

public class Container implements Cargo {
    private static final double TARE = 2200;
    private final String number;
    private final List<Cargo> contents = new ArrayList<>();

    public Container(String number) {
        this.number = number;
    }

    public void add(Cargo cargo) {
        contents.add(cargo);
    }

    public void remove(Cargo cargo) {
        contents.remove(cargo);
    }

    @Override
    public double weight() {
        return TARE;
    }

    @Override
    public String label() {
        return "container " + number;
    }
}
