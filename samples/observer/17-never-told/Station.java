import java.util.ArrayList;
import java.util.List;

public class Station {
    private final List<Listener> listeners = new ArrayList<>();
    private double pressure;

    public void add(Listener l) {
        listeners.add(l);
    }

    public void remove(Listener l) {
        listeners.remove(l);
    }

    public void setPressure(double pressure) {
        this.pressure = pressure;
    }

    private void publish() {
        for (Listener l : listeners) {
            l.pressure(pressure);
        }
    }
}

interface Listener {
    void pressure(double hectopascal);
}

class Barograph implements Listener {
    public void pressure(double hectopascal) {
        System.out.println(hectopascal);
    }
}

class StormWarning implements Listener {
    public void pressure(double hectopascal) {
        if (hectopascal < 980) System.out.println("storm");
    }
}
