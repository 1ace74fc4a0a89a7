import java.util.*;

class Office {
    private Fee fee;
    private boolean open;
    private final Deque<Double> queue = new ArrayDeque<>();

    Office(Fee fee) {
        this.fee = fee;
    }

    void open() {
        open = true;
    }

    void arrive(double m) {
        queue.add(m);
    }

    double serve() {
        if (!open) throw new IllegalStateException("closed");
        Double m = queue.poll();
        if (m == null) return 0;
        return fee.of(m);
    }
}
