package harbour;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.IntConsumer;

/** A lock whose gate position others may follow. */
class Lock {
    private final List<IntConsumer> followers = new CopyOnWriteArrayList<>();
    private int percentOpen;

    void onMove(IntConsumer follower) {
        followers.add(follower);
    }

    void forget(IntConsumer follower) {
        followers.remove(follower);
    }

    void open(int percent) {
        percentOpen = Math.min(100, percentOpen + percent);
        followers.forEach(f -> f.accept(percentOpen));
    }

    void close() {
        percentOpen = 0;
        followers.forEach(f -> f.accept(percentOpen));
    }
}
