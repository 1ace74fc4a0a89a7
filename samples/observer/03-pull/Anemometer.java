import java.util.*;

public class Anemometer {
    private final List<WindWatcher> watchers = new LinkedList<>();
    private int beaufort;

    public void addWatcher(WindWatcher w) {
        if (!watchers.contains(w)) watchers.add(w);
    }

    public void removeWatcher(WindWatcher w) {
        watchers.remove(w);
    }

    public int getBeaufort() {
        return beaufort;
    }

    public void measure(int value) {
        if (value == beaufort) return;
        beaufort = value;
        Iterator<WindWatcher> it = watchers.iterator();
        while (it.hasNext()) {
            it.next().windChanged();
        }
    }
}

interface WindWatcher {
    void windChanged();
}

class Flag implements WindWatcher {
    private final Anemometer source;
    private String signal = "none";

    Flag(Anemometer source) {
        this.source = source;
        source.addWatcher(this);
    }

    public void windChanged() {
        signal = source.getBeaufort() > 7 ? "red" : "green";
    }
}

class Crane implements WindWatcher {
    private final Anemometer source;
    private boolean locked;

    Crane(Anemometer source) {
        this.source = source;
        source.addWatcher(this);
    }

    public void windChanged() {
        locked = source.getBeaufort() >= 6;
    }
}
