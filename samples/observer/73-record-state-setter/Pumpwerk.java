import java.util.*;

interface PumpListener {
    void onChange(PumpEvent e);
}

class PumpEvent {
    private final Pumpwerk quelle;
    private final String was;

    PumpEvent(Pumpwerk q, String w) {
        quelle = q;
        was = w;
    }

    Pumpwerk quelle() {
        return quelle;
    }

    String was() {
        return was;
    }
}

class Pumpwerk {
    private int druck;
    private boolean an;
    private final String ort;
    private int aufrufe;
    protected List<PumpListener> listeners = new Vector<>();

    Pumpwerk(String ort) {
        this.ort = ort;
    }

    public void addPumpListener(PumpListener l) {
        listeners.add(l);
    }

    public void removePumpListener(PumpListener l) {
        listeners.remove(l);
    }

    private void fire(String was) {
        PumpEvent e = new PumpEvent(this, was);
        for (int i = 0; i < listeners.size(); ++i) {
            listeners.get(i).onChange(e);
        }
    }

    void schalte(boolean an) {
        this.an = an;
        fire("an");
    }

    void druck(int d) {
        druck = d;
        fire("druck");
    }

    int getDruck() {
        aufrufe++;
        return druck;
    }

    boolean isAn() {
        return an;
    }

    String ort() {
        return ort;
    }
}

class Manometer implements PumpListener {
    int z;

    public void onChange(PumpEvent e) {
        z = e.quelle().getDruck();
    }
}

class Kontrolle implements PumpListener {
    public void onChange(PumpEvent e) {
        if (!e.quelle().isAn()) System.out.println(e.was());
    }
}
