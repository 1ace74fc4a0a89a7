import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Which ship gets a pilot first is decided by the order that was given. */
public class PilotQueue {
    private final List<Ship> waiting = new ArrayList<>();
    private final Comparator<Ship> order;

    public PilotQueue(Comparator<Ship> order) {
        this.order = order;
    }

    public void join(Ship ship) {
        waiting.add(ship);
    }

    public Ship next() {
        waiting.sort(order);
        return waiting.isEmpty() ? null : waiting.remove(0);
    }
}
