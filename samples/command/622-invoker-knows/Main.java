import java.util.*;

interface Deed { void go(); }
class Bell { int rung; void ring(int times) { rung += times; } }
class Gate { boolean open; void set(boolean o) { open = o; } }
class RingBell implements Deed { final Bell bell; final int times; RingBell(Bell b, int t) { bell = b; times = t; } public void go() { bell.ring(times); } }
class OpenGate implements Deed { final Gate gate; OpenGate(Gate g) { gate = g; } public void go() { gate.set(true); } }
class CloseGate implements Deed { final Gate gate; CloseGate(Gate g) { gate = g; } public void go() { gate.set(false); } }
class Keeper {
    private final Queue<Deed> list = new ArrayDeque<>();
    void plan(Deed d) { list.add(d); }
    void day() {
        while (!list.isEmpty()) {
            Deed d = list.poll();
            if (d instanceof RingBell r) r.bell.ring(r.times);
            else if (d instanceof OpenGate o) o.gate.set(true);
            else if (d instanceof CloseGate c) c.gate.set(false);
        }
    }
    public static void main(String[] a) { Bell b = new Bell(); Keeper k = new Keeper(); k.plan(new RingBell(b, 3)); k.day(); System.out.println(b.rung); }
}
