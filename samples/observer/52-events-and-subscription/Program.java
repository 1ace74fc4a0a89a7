import java.util.*;

record Arrival(String ship, int berth) {}

@FunctionalInterface
interface Interested {
    void arrived(Arrival a);
}

interface Subscription {
    void cancel();
}

class Harbour {
    private final Map<Integer, Interested> interested = new TreeMap<>();
    private int next = 1;
    private final List<String> moored = new ArrayList<>();

    Subscription onArrival(Interested i) {
        int id = next++;
        interested.put(id, i);
        return () -> interested.remove(id);
    }

    void moor(String ship, int berth) {
        moored.add(ship);
        Arrival a = new Arrival(ship, berth);
        interested.values().forEach(i -> i.arrived(a));
    }

    int count() {
        return moored.size();
    }
}

class Office implements Interested {
    int dues;

    public void arrived(Arrival a) {
        dues += a.berth() * 10;
    }
}

class Log implements Interested {
    final StringBuilder text = new StringBuilder();

    public void arrived(Arrival a) {
        text.append(a.ship());
    }
}
