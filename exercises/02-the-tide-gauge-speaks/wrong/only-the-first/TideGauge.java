package gauge;

import java.util.ArrayList;
import java.util.List;

/** Measures the water level at the pier. */
public class TideGauge {

    private final List<TideListener> listeners = new ArrayList<>();
    private double level;

    public void register(TideListener listener) {
        listeners.add(listener);
    }

    public void unregister(TideListener listener) {
        listeners.remove(listener);
    }

    public void setLevel(double level) {
        this.level = level;
        tellAll();
    }

    public double getLevel() {
        return level;
    }

    private void tellAll() {
        if (!listeners.isEmpty()) {
            listeners.get(0).levelChanged(level);
        }
    }
}
