import java.util.*;

interface Customer {
    String name();
    int bonus(int sum);
}

class Regular implements Customer {
    private final String name;
    Regular(String name) { this.name = Objects.requireNonNull(name); }
    public String name() { return name; }
    public int bonus(int sum) { return sum / 20; }
}

final class UnknownCustomer implements Customer {
    private static UnknownCustomer instance;
    private UnknownCustomer() {}
    static UnknownCustomer get() {
        if (instance == null) instance = new UnknownCustomer();
        return instance;
    }
    public String name() { return "guest"; }
    public int bonus(int sum) { return 0; }
}

class Customers {
    private final List<Customer> all = new ArrayList<>();
    void add(Customer c) {
        if (c == null) throw new IllegalArgumentException("customer missing");
        all.add(c);
    }
    Customer find(String name) {
        for (Customer c : all) {
            if (c.name().equals(name)) return c;
        }
        return UnknownCustomer.get();
    }
}

class Till {
    private final Customers customers = new Customers();
    int pay(String who, int sum) {
        Customer c = customers.find(who);
        return sum - c.bonus(sum);
    }
}
