import java.util.ArrayList;
import java.util.List;

public class Scale {
    private List<WeightObserver> observers = new ArrayList<>();
    private double kilos;

    public void attach(WeightObserver o) {
        observers.add(o);
    }

    public void detach(WeightObserver o) {
        observers.remove(o);
    }

    public void put(double kg) {
        kilos += kg;
        for (WeightObserver o : observers) {
            if (o instanceof WeightDisplay) {
                ((WeightDisplay) o).show(kilos);
            } else {
                o.weightChanged(kilos);
            }
        }
    }
}

interface WeightObserver {
    void weightChanged(double kilos);
}

class WeightDisplay implements WeightObserver {
    public void weightChanged(double kilos) {
        show(kilos);
    }

    void show(double kilos) {
        System.out.println(kilos);
    }
}

class WeightLog implements WeightObserver {
    private final List<Double> all = new ArrayList<>();

    public void weightChanged(double kilos) {
        all.add(kilos);
    }
}
