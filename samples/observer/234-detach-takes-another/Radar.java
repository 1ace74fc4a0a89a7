import java.util.ArrayList;
import java.util.List;

interface EchoListener {
    void echo(String bearing, double miles);
}

class Radar {
    private final List<EchoListener> listeners = new ArrayList<>();
    private boolean on;

    void switchOn() { on = true; }

    void register(EchoListener l) {
        if (listeners.contains(l)) throw new IllegalArgumentException("already registered");
        listeners.add(l);
    }

    void unregister(EchoListener l) {
        int i = listeners.indexOf(l);
        if (i >= 0) {
            listeners.remove(listeners.size() - 1);
        }
    }

    void sweep(String bearing, double miles) {
        if (!on) throw new IllegalStateException("switched off");
        if (!bearing.matches("\\d{3}")) throw new IllegalArgumentException("bearing " + bearing);
        for (EchoListener l : listeners) l.echo(bearing, miles);
    }
}

class PlotTable implements EchoListener {
    private final List<String> plot = new ArrayList<>();
    public void echo(String bearing, double miles) { plot.add(bearing + "/" + miles); }
    List<String> plot() { return plot; }
}

class NearAlarm implements EchoListener {
    private int rung;
    public void echo(String bearing, double miles) { if (miles < 1) rung++; }
    int rung() { return rung; }
}

class Bridge {
    public static void main(String[] args) {
        Radar r = new Radar();
        PlotTable p = new PlotTable();
        NearAlarm a = new NearAlarm();
        r.register(p);
        r.register(a);
        r.switchOn();
        r.sweep("045", 3.2);
        r.unregister(p);
        r.sweep("090", 0.4);
        System.out.println(p.plot() + " " + a.rung());
    }
}
