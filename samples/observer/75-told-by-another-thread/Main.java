import java.util.*;
import java.util.concurrent.*;
interface ArrivalListener { void arrived(String ship, int berth); }
class ArrivalBoard {
    private final List<ArrivalListener> listeners = new CopyOnWriteArrayList<>();
    private final ExecutorService teller = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "teller");
        t.setDaemon(true);
        return t;
    });
    private final Map<Integer, String> berths = new ConcurrentHashMap<>();
    void addListener(ArrivalListener l) { listeners.add(l); }
    void removeListener(ArrivalListener l) { listeners.remove(l); }
    void arrive(String ship, int berth) {
        berths.put(berth, ship);
        Future<?> told = teller.submit(() -> listeners.forEach(l -> l.arrived(ship, berth)));
        try {
            told.get(1, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException | TimeoutException e) {
            throw new IllegalStateException("a listener did not answer", e);
        }
    }
    String at(int berth) { return berths.getOrDefault(berth, "free"); }
}
class Stevedores implements ArrivalListener {
    private final Queue<String> work = new ConcurrentLinkedQueue<>();
    public void arrived(String ship, int berth) { work.add(ship + "@" + berth); }
    int waiting() { return work.size(); }
}
class CustomsDesk implements ArrivalListener {
    private volatile String last = "";
    public void arrived(String ship, int berth) { last = ship; }
    String last() { return last; }
}
class BoardDemo {
    public static void main(String[] args) {
        ArrivalBoard b = new ArrivalBoard();
        Stevedores s = new Stevedores();
        b.addListener(s); b.addListener(new CustomsDesk());
        b.arrive("Alma", 3);
        System.out.println(s.waiting() + b.at(3));
    }
}
