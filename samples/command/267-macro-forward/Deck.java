import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

interface Task {
    void perform();
    void takeBack();
}

class Ship {
    private final Deque<String> sails = new ArrayDeque<>();
    private int heading = 90;
    void hoist(String sail) {
        if (!sail.endsWith("sail")) throw new IllegalArgumentException("not a sail: " + sail);
        sails.push(sail);
    }
    String lower() {
        if (sails.isEmpty()) throw new IllegalStateException("no sail is up");
        return sails.pop();
    }
    void turn(int by) { heading = Math.floorMod(heading + by, 360); }
    int heading() { return heading; }
    String sails() { return sails.toString(); }
}

class Hoist implements Task {
    private final Ship ship;
    private final String sail;
    Hoist(Ship ship, String sail) { this.ship = ship; this.sail = sail; }
    public void perform() { ship.hoist(sail); }
    public void takeBack() { ship.lower(); }
}

class Turn implements Task {
    private final Ship ship;
    private final int by;
    Turn(Ship ship, int by) {
        if (by == 0 || Math.abs(by) > 180) throw new IllegalArgumentException("turn by " + by);
        this.ship = ship;
        this.by = by;
    }
    public void perform() { ship.turn(by); }
    public void takeBack() { ship.turn(-by); }
}

class Manoeuvre implements Task {
    private final List<Task> parts = new ArrayList<>();
    Manoeuvre then(Task t) { parts.add(t); return this; }
    public void perform() { parts.forEach(Task::perform); }
    public void takeBack() { parts.forEach(Task::takeBack); }
}

class Helm {
    private final Deque<Task> log = new ArrayDeque<>();
    void order(Task t) { t.perform(); log.push(t); }
    boolean belay() {
        if (log.isEmpty()) return false;
        log.pop().takeBack();
        return true;
    }
}

public class Deck {
    public static void main(String[] args) {
        Ship s = new Ship();
        Helm h = new Helm();
        h.order(new Manoeuvre().then(new Turn(s, 45)).then(new Hoist(s, "mainsail")).then(new Hoist(s, "foresail")));
        h.order(new Turn(s, -20));
        h.belay();
        System.out.println(s.heading() + " " + s.sails());
    }
}
