import java.util.*;
import java.util.function.*;

enum Urgency { LOW, NORMAL, HIGH }
record Arrival(String ship, int hour, Urgency urgency, double draught) {
    Arrival {
        if (!ship.matches("[A-Z][a-z]+( [A-Z][a-z]+)*")) throw new IllegalArgumentException("a ship has a name: " + ship);
        if (hour < 0 || hour > 23) throw new IllegalArgumentException("no such hour: " + hour);
    }
}
interface QueueingRule extends Comparator<Arrival> {
    String title();
    default QueueingRule reversedRule() {
        QueueingRule self = this;
        return new QueueingRule() {
            public String title() { return "not " + self.title(); }
            public int compare(Arrival a, Arrival b) { return self.compare(b, a); }
        };
    }
}
final class FirstCome implements QueueingRule {
    public String title() { return "first come, first served"; }
    public int compare(Arrival a, Arrival b) { return Integer.compare(a.hour(), b.hour()); }
}
final class UrgentFirst implements QueueingRule {
    private final QueueingRule otherwise;
    UrgentFirst(QueueingRule otherwise) { this.otherwise = Objects.requireNonNull(otherwise); }
    public String title() { return "urgent first, else " + otherwise.title(); }
    public int compare(Arrival a, Arrival b) {
        int byUrgency = b.urgency().compareTo(a.urgency());
        return byUrgency != 0 ? byUrgency : otherwise.compare(a, b);
    }
}
final class DeepWaterFirst implements QueueingRule {
    public String title() { return "deep draught first"; }
    public int compare(Arrival a, Arrival b) { return Double.compare(b.draught(), a.draught()); }
}
class Roadstead {
    private final List<Arrival> waiting = new ArrayList<>();
    private QueueingRule rule;
    Roadstead(QueueingRule rule) { this.rule = rule; }
    void arrive(Arrival a) {
        if (waiting.stream().anyMatch(w -> w.ship().equals(a.ship()))) throw new IllegalStateException(a.ship() + " waits already");
        waiting.add(a);
    }
    void switchTo(QueueingRule rule) { this.rule = rule; }
    Optional<Arrival> next() {
        return waiting.stream().min(rule);
    }
    List<String> order() {
        List<Arrival> copy = new ArrayList<>(waiting);
        copy.sort(rule);
        return copy.stream().map(Arrival::ship).toList();
    }
    String notice() { return "Order: " + rule.title(); }
}
class Harbour {
    public static void main(String[] args) {
        Roadstead r = new Roadstead(new FirstCome());
        r.arrive(new Arrival("Seeadler", 4, Urgency.LOW, 8.5));
        r.arrive(new Arrival("Morning Star", 2, Urgency.NORMAL, 3.0));
        System.out.println(r.order() + " " + r.notice());
        r.switchTo(new UrgentFirst(new DeepWaterFirst()));
        System.out.println(r.order() + " " + r.next());
    }
}
