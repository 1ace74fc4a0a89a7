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

    /** After the buoy was moved. */
    public void correct(double metres) {
        level = level + metres;
    }

    public double getLevel() {
        return level;
    }

    private void tellAll() {
        for (TideListener l : listeners) {
            l.levelChanged(level);
        }
    }
}
