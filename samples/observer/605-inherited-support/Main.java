import java.util.*;
import java.util.function.*;

abstract class Observable<E> {
    private final Map<Object, Consumer<? super E>> sinks = new LinkedHashMap<>();
    public final Object subscribe(Consumer<? super E> sink) { Object key = new Object(); sinks.put(key, sink); return key; }
    public final void unsubscribe(Object key) { if (sinks.remove(key) == null) throw new IllegalArgumentException("unknown subscription"); }
    protected final void emit(E event) { List.copyOf(sinks.values()).forEach(s -> s.accept(event)); }
}
record Level(String lock, int centimetres) {}
class LockChamber extends Observable<Level> {
    private final String name; private int level;
    LockChamber(String name) { this.name = name; }
    void fill(int by) { change(level + by); }
    void drain(int by) { change(level - by); }
    private void change(int to) {
        if (to < 0 || to > 900) throw new IllegalStateException("the chamber holds 0 to 900");
        if (to != level) { level = to; emit(new Level(name, to)); }
    }
    int level() { return level; }
}
class Gauge implements Consumer<Level> { private int shown; @Override public void accept(Level l) { shown = l.centimetres(); } int shown() { return shown; } }
class FloodGuard implements Consumer<Level> { private boolean alarm; @Override public void accept(Level l) { alarm |= l.centimetres() > 800; } boolean alarm() { return alarm; } }
class Canal { public static void main(String[] a) { LockChamber c = new LockChamber("north"); Gauge g = new Gauge(); FloodGuard f = new FloodGuard(); c.subscribe(g); Object k = c.subscribe(f); c.fill(850); c.unsubscribe(k); c.drain(20); System.out.println(g.shown() + " " + f.alarm()); } }
