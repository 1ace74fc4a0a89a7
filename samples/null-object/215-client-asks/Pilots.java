import java.util.LinkedHashMap;
import java.util.Map;

abstract class Pilot {
    abstract String name();
    abstract int fee(int tons);
    boolean isMissing() { return false; }
}

class HarbourPilot extends Pilot {
    private final String name;
    private final int rate;
    HarbourPilot(String name, int rate) {
        if (rate < 1 || rate > 9) throw new IllegalArgumentException("rate: " + rate);
        this.name = name;
        this.rate = rate;
    }
    String name() { return name; }
    int fee(int tons) { return tons * rate; }
}

class SeaPilot extends Pilot {
    private final String name;
    SeaPilot(String name) { this.name = name; }
    String name() { return name; }
    int fee(int tons) { return 100 + tons * 2; }
}

class NoPilot extends Pilot {
    String name() { return "no pilot"; }
    int fee(int tons) { return 0; }
    @Override boolean isMissing() { return true; }
}

class Roster {
    private final Map<String, Pilot> byShip = new LinkedHashMap<>();
    void assign(String ship, Pilot p) { byShip.put(ship, p); }
    Pilot of(String ship) { return byShip.getOrDefault(ship, new NoPilot()); }
}

class Accounts {
    private final Roster roster;
    Accounts(Roster roster) { this.roster = roster; }

    int bill(String ship, int tons) {
        if (tons <= 0) throw new IllegalArgumentException("tons: " + tons);
        Pilot p = roster.of(ship);
        if (p instanceof NoPilot) {
            return 0;
        }
        return p.fee(tons);
    }

    String line(String ship) {
        Pilot p = roster.of(ship);
        if (p.isMissing()) {
            return ship + ": none";
        }
        return ship + ": " + p.name();
    }
}

public class Pilots {
    public static void main(String[] args) {
        Roster r = new Roster();
        r.assign("Kormoran", new HarbourPilot("Ahlers", 3));
        r.assign("Tordalk", new SeaPilot("Wied"));
        Accounts a = new Accounts(r);
        System.out.println(a.bill("Kormoran", 120) + " " + a.bill("Moewe", 10) + " " + a.line("Moewe"));
    }
}
