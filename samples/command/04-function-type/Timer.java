import java.util.ArrayList;
import java.util.List;

class Foghorn {
    private int blasts;

    void blast() {
        blasts++;
    }
}

class Searchlight {
    private boolean on;

    void toggle() {
        on = !on;
    }
}

class NightShift {
    private final List<Runnable> tasks = new ArrayList<>();

    void plan(Runnable task) {
        tasks.add(task);
    }

    void work() {
        for (Runnable t : tasks) {
            t.run();
        }
    }

    public static void main(String[] args) {
        Foghorn horn = new Foghorn();
        Searchlight light = new Searchlight();
        NightShift shift = new NightShift();
        shift.plan(horn::blast);
        shift.plan(() -> light.toggle());
        shift.work();
    }
}
