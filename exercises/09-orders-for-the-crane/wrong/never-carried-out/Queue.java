import java.util.ArrayList;
import java.util.List;

interface Job {
    void doIt();
}

class Broom {
    int swept;

    void sweep() {
        swept++;
    }
}

class Sweep implements Job {
    private final Broom broom;

    Sweep(Broom broom) {
        this.broom = broom;
    }

    public void doIt() {
        broom.sweep();
    }
}

class Foreman {
    private final List<Job> jobs = new ArrayList<>();

    void add(Job j) {
        jobs.add(j);
    }

    int open() {
        return jobs.size();
    }
}
