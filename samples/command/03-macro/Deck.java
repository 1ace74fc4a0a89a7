import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

interface Order {
    void run();
}

class Sails {
    private int set;

    void hoist() { set++; }
    void strike() { set--; }
}

class Hoist implements Order {
    private final Sails sails;
    Hoist(Sails sails) { this.sails = sails; }
    public void run() { sails.hoist(); }
}

class Strike implements Order {
    private final Sails sails;
    Strike(Sails sails) { this.sails = sails; }
    public void run() { sails.strike(); }
}

class Drill implements Order {
    private final List<Order> orders;
    Drill(Order... orders) { this.orders = Arrays.asList(orders); }
    public void run() {
        for (Order o : orders) o.run();
    }
}

class Boatswain {
    private final List<Order> pending = new ArrayList<>();

    void take(Order o) {
        pending.add(o);
    }

    void whistle() {
        pending.forEach(Order::run);
        pending.clear();
    }
}
