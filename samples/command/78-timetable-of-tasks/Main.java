import java.util.*;
abstract class Task implements Comparable<Task> {
    private final int at;
    Task(int at) { this.at = at; }
    int at() { return at; }
    public int compareTo(Task o) { return Integer.compare(at, o.at); }
    abstract void perform();
}
class Lamp { boolean on; void light() { on = true; } void douse() { on = false; } }
class Bell { int rung; void ring(int times) { rung += times; } }
class LightLamp extends Task {
    private final Lamp lamp;
    LightLamp(int at, Lamp lamp) { super(at); this.lamp = lamp; }
    void perform() { lamp.light(); }
}
class RingBell extends Task {
    private final Bell bell; private final int times;
    RingBell(int at, Bell bell, int times) { super(at); this.bell = bell; this.times = times; }
    void perform() { bell.ring(times); }
}
class Timetable {
    private final PriorityQueue<Task> tasks = new PriorityQueue<>();
    private int now;
    void plan(Task t) { tasks.add(t); }
    int advance(int minutes) {
        now += Math.max(0, minutes);
        int done = 0;
        while (!tasks.isEmpty() && tasks.peek().at() <= now) {
            tasks.poll().perform();
            done++;
        }
        return done;
    }
}
class Evening {
    public static void main(String[] args) {
        Lamp l = new Lamp(); Bell b = new Bell(); Timetable t = new Timetable();
        t.plan(new RingBell(20, b, 2)); t.plan(new LightLamp(10, l));
        System.out.println(t.advance(15) + " " + l.on + " " + t.advance(15) + " " + b.rung);
    }
}
