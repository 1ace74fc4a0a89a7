import java.util.*;

class Dock {
    private Set<DockWatcher> watchers = Collections.synchronizedSet(new HashSet<>());
    private List<String> ships = new ArrayList<>();
    private String operator;

    synchronized void watch(DockWatcher w) {
        watchers.add(Objects.requireNonNull(w));
    }

    synchronized void unwatch(DockWatcher w) {
        watchers.remove(w);
    }

    void arrive(String s) {
        ships.add(s);
        for (DockWatcher w : watchers.toArray(new DockWatcher[0])) w.arrived(s, ships.size());
    }

    void depart(String s) {
        if (ships.remove(s)) {
            for (DockWatcher w : watchers.toArray(new DockWatcher[0])) w.departed(s, ships.size());
        }
    }

    void setOperator(String o) {
        operator = o;
    }

    List<String> ships() {
        return List.copyOf(ships);
    }
}

interface DockWatcher {
    void arrived(String ship, int total);

    default void departed(String ship, int total) {}
}

class Counter implements DockWatcher {
    int max;

    public void arrived(String ship, int total) {
        max = Math.max(max, total);
    }
}

class Printer implements DockWatcher {
    public void arrived(String ship, int total) {
        System.out.println("+" + ship);
    }

    public void departed(String ship, int total) {
        System.out.println("-" + ship);
    }
}
