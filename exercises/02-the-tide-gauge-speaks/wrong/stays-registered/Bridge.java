import java.util.ArrayList;
import java.util.List;

class DrawBridge {
    private final List<BridgeListener> listeners = new ArrayList<>();
    private boolean up;

    void addListener(BridgeListener l) {
        listeners.add(l);
    }

    void removeListener(BridgeListener l) {
        List<BridgeListener> copy = new ArrayList<>(listeners);
        copy.remove(l);
    }

    void raise() {
        up = true;
        tell();
    }

    void lower() {
        up = false;
        tell();
    }

    private void tell() {
        for (BridgeListener l : List.copyOf(listeners)) {
            l.moved(up);
        }
    }
}

interface BridgeListener {
    void moved(boolean up);
}

class TrafficLight implements BridgeListener {
    String colour = "green";

    public void moved(boolean up) {
        colour = up ? "red" : "green";
    }
}

class Ferry implements BridgeListener {
    public void moved(boolean up) {
        if (up) System.out.println("go");
    }
}
