import java.util.*;
import java.util.function.Consumer;
final class BarometerReading {
    private final double hectopascal; private final long minute;
    BarometerReading(double hectopascal, long minute) { this.hectopascal = hectopascal; this.minute = minute; }
    double hectopascal() { return hectopascal; }
    long minute() { return minute; }
    @Override public String toString() { return hectopascal + " hPa at " + minute; }
}
class Barometer {
    interface Subscription { void cancel(); }
    private final Map<Integer, Consumer<? super BarometerReading>> subscribers = new LinkedHashMap<>();
    private int nextId;
    private BarometerReading last;
    Subscription subscribe(Consumer<? super BarometerReading> subscriber) {
        int id = nextId++;
        subscribers.put(id, subscriber);
        return () -> subscribers.remove(id);
    }
    void measured(double hectopascal, long minute) {
        last = new BarometerReading(hectopascal, minute);
        for (Consumer<? super BarometerReading> s : new ArrayList<>(subscribers.values())) {
            s.accept(last);
        }
    }
    Optional<BarometerReading> last() { return Optional.ofNullable(last); }
}
class StormWarning implements Consumer<BarometerReading> {
    private boolean raised;
    public void accept(BarometerReading r) { raised = r.hectopascal() < 980; }
    boolean isRaised() { return raised; }
}
class Logbook implements Consumer<BarometerReading> {
    final List<String> lines = new ArrayList<>();
    public void accept(BarometerReading r) { lines.add(r.toString()); }
}
class Station {
    public static void main(String[] args) {
        Barometer b = new Barometer();
        Logbook log = new Logbook();
        Barometer.Subscription s = b.subscribe(log);
        b.subscribe(new StormWarning());
        b.measured(1003, 5);
        s.cancel();
        b.measured(979, 10);
        System.out.println(log.lines);
    }
}
