import java.util.*;

interface Order {
    void carryOut();
}

class Store {
    private int barrels;

    void in(int n) {
        barrels += n;
    }

    void out(int n) {
        if (n > barrels) throw new IllegalStateException("only " + barrels);
        barrels -= n;
    }
}

class Bring implements Order {
    private final Store s;
    private final int n;

    Bring(Store s, int n) {
        this.s = s;
        this.n = n;
    }

    public void carryOut() {
        s.in(n);
    }
}

class Take implements Order {
    private final Store s;
    private final int n;

    Take(Store s, int n) {
        this.s = s;
        this.n = n;
    }

    public void carryOut() {
        s.out(n);
    }
}

class Both implements Order {
    private final List<Order> all;

    Both(Order... all) {
        this.all = List.of(all);
    }

    public void carryOut() {
        all.forEach(Order::carryOut);
    }
}

class Foreman {
    private final Queue<Order> waiting = new LinkedList<>();

    void plan(Order o) {
        waiting.add(o);
    }

    int workOff() {
        int n = 0;
        while (!waiting.isEmpty()) {
            waiting.poll().carryOut();
            n++;
        }
        return n;
    }
}
