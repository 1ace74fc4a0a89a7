import java.util.ArrayList;
import java.util.List;
interface GateListener { void gateMoved(int metres); }
class LockGate {
    private final List<GateListener> listeners = new ArrayList<>();
    private int metres;
    void addListener(GateListener l) { listeners.add(l); }
    void removeListener(GateListener l) {
        if (!listeners.isEmpty()) {
            listeners.remove(0);
        }
    }
    void move(int to) {
        metres = to;
        for (GateListener l : listeners) l.gateMoved(metres);
    }
    int metres() { return metres; }
}
class Lamp implements GateListener { boolean red; public void gateMoved(int m) { red = m > 0; } }
class Horn implements GateListener { int blows; public void gateMoved(int m) { blows++; } }
class Lock {
    public static void main(String[] args) {
        LockGate g = new LockGate();
        Lamp lamp = new Lamp(); Horn horn = new Horn();
        g.addListener(lamp); g.addListener(horn);
        g.move(2);
        g.removeListener(horn);
        g.move(0);
    }
}
