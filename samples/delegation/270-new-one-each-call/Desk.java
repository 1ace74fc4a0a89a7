import java.util.HashMap;
import java.util.Map;

interface Counter {
    int issue(String service);
    int waiting(String service);
}

class TicketCounter implements Counter {
    private final Map<String, Integer> last = new HashMap<>();
    public int issue(String service) {
        if (!service.matches("[a-z]+")) throw new IllegalArgumentException("service: " + service);
        return last.merge(service, 1, Integer::sum);
    }
    public int waiting(String service) { return last.getOrDefault(service, 0); }
}

class FrontDesk implements Counter {
    private Counter counter = new TicketCounter();
    private int visitors;

    FrontDesk(Counter counter) {
        this.counter = counter;
    }

    public int issue(String service) {
        visitors++;
        return new TicketCounter().issue(service);
    }

    public int waiting(String service) { return counter.waiting(service); }
    int visitors() { return visitors; }
}

public class Desk {
    public static void main(String[] args) {
        FrontDesk d = new FrontDesk(new TicketCounter());
        System.out.println(d.issue("passports") + " " + d.issue("passports") + " " + d.waiting("passports") + " " + d.visitors());
    }
}
