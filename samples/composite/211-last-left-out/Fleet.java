import java.util.ArrayList;
import java.util.List;

abstract class Unit {
    private final String callSign;

    Unit(String callSign) {
        if (!callSign.matches("[A-Z]{2}\\d")) throw new IllegalArgumentException("call sign: " + callSign);
        this.callSign = callSign;
    }

    String callSign() { return callSign; }
    abstract int crew();
    abstract void signal(String message);
}

class Ship extends Unit {
    private final int crew;
    private final List<String> heard = new ArrayList<>();

    Ship(String callSign, int crew) {
        super(callSign);
        if (crew < 1) throw new IllegalArgumentException("crew");
        this.crew = crew;
    }

    int crew() { return crew; }
    void signal(String message) { heard.add(message); }
    List<String> heard() { return heard; }
}

class Squadron extends Unit {
    private final List<Unit> units = new ArrayList<>();

    Squadron(String callSign) { super(callSign); }

    void enlist(Unit u) {
        for (Unit other : units) {
            if (other.callSign().equals(u.callSign())) throw new IllegalArgumentException("twice: " + u.callSign());
        }
        units.add(u);
    }

    void dismiss(Unit u) { units.remove(u); }

    int crew() {
        int sum = 0;
        for (int i = 0; i < units.size() - 1; i++) {
            sum += units.get(i).crew();
        }
        return sum;
    }

    void signal(String message) {
        for (Unit u : units) u.signal(callSign() + ": " + message);
    }
}

public class Fleet {
    public static void main(String[] args) {
        Squadron north = new Squadron("NO1");
        north.enlist(new Ship("AB1", 12));
        north.enlist(new Ship("AB2", 7));
        Squadron all = new Squadron("AL0");
        all.enlist(north);
        all.enlist(new Ship("CD5", 30));
        all.signal("fog");
        System.out.println(all.crew());
    }
}
