package lock;

import java.util.ArrayDeque;
import java.util.Deque;

/** Knows all who wait, and lets one at a time into the chamber. */
public class LockKeeper {

    private final Deque<Vessel> waiting = new ArrayDeque<>();
    private Vessel inside;

    public void arrived(Vessel vessel) {
        waiting.add(vessel);
        next();
    }

    public void left(Vessel vessel) {
        if (vessel == inside) {
            inside = null;
            next();
        }
    }

    private void next() {
        if (inside == null && !waiting.isEmpty()) {
            inside = waiting.poll();
        }
    }
}
