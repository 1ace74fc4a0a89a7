import java.util.ArrayDeque;
import java.util.Deque;
interface Order { void execute(); void undo(); }
class Valve { private int open; void turn(int by) { open += by; } int open() { return open; } }
class OpenValve implements Order {
    private final Valve valve; private final int by;
    OpenValve(Valve valve, int by) { this.valve = valve; this.by = by; }
    public void execute() { valve.turn(by); }
    public void undo() { valve.turn(-by); }
}
class CloseValve implements Order {
    private final Valve valve; private final int by;
    CloseValve(Valve valve, int by) { this.valve = valve; this.by = by; }
    public void execute() { valve.turn(-by); }
    public void undo() { valve.turn(-by); }
}
class LockKeeper {
    private final Deque<Order> done = new ArrayDeque<>();
    void give(Order o) { o.execute(); done.push(o); }
    void takeBack() { if (!done.isEmpty()) done.pop().undo(); }
    public static void main(String[] args) {
        Valve v = new Valve(); LockKeeper k = new LockKeeper();
        k.give(new OpenValve(v, 5)); k.give(new CloseValve(v, 2)); k.takeBack();
        System.out.println(v.open());
    }
}
