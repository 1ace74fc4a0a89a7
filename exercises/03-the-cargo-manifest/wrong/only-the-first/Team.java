import java.util.LinkedList;
import java.util.List;

abstract class Worker {
    abstract int hours();
}

class Docker extends Worker {
    int hours() {
        return 8;
    }
}

class Gang extends Worker {
    private final List<Worker> workers = new LinkedList<>();

    void hire(Worker w) {
        workers.add(w);
    }

    int hours() {
        for (Worker w : workers) {
            return w.hours();
        }
        return 0;
    }
}
