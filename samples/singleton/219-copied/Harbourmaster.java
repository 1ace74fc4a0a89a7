import java.util.ArrayList;
import java.util.List;

public class Harbourmaster {
    private static Harbourmaster only;
    private final List<String> log = new ArrayList<>();
    private int fines;

    private Harbourmaster() {}

    private Harbourmaster(Harbourmaster other) {
        log.addAll(other.log);
        fines = other.fines;
    }

    public static synchronized Harbourmaster get() {
        if (only == null) {
            only = new Harbourmaster();
        }
        return only;
    }

    public Harbourmaster snapshot() {
        return new Harbourmaster(this);
    }

    public void fine(String boat, int amount) {
        if (amount < 5) throw new IllegalArgumentException("too small a fine");
        fines += amount;
        log.add(boat + " " + amount);
    }

    public int fines() { return fines; }
}

class Patrol {
    private final Harbourmaster master = Harbourmaster.get();
    void catchSpeeder(String boat) { master.fine(boat, 25); }
}

class Cashbox {
    private final Harbourmaster master = Harbourmaster.get().snapshot();
    int due() { return master.fines(); }
    void reduce(String boat) { master.fine(boat, 5); }
}

class Day {
    public static void main(String[] args) {
        Cashbox c = new Cashbox();
        new Patrol().catchSpeeder("Moewe");
        c.reduce("Moewe");
        System.out.println(c.due() + " " + Harbourmaster.get().fines());
    }
}
