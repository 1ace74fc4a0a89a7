import java.util.*;

interface FogListener {
    void fog(boolean thick);
}

class Bell implements FogListener {
    int rung;

    public void fog(boolean thick) {
        if (thick) rung++;
    }
}

class FogStation {
    private List<FogListener> listeners;
    private boolean thick;

    void subscribe(FogListener l) {
        if (listeners == null) listeners = new ArrayList<>();
        listeners.add(l);
    }

    void unsubscribe(FogListener l) {
        if (listeners != null) listeners.remove(l);
    }

    void report(boolean nowThick) {
        thick = nowThick;
        for (FogListener l : listeners) l.fog(thick);
    }

    boolean isThick() {
        return thick;
    }
}
