import java.util.concurrent.atomic.AtomicLong;
public final class TicketCounter {
    private static volatile TicketCounter shared;
    private final AtomicLong next = new AtomicLong(1000);
    private TicketCounter() {
        if (shared != null) {
            throw new IllegalStateException("use TicketCounter.get()");
        }
    }
    public static TicketCounter get() {
        TicketCounter local = shared;
        if (local == null) {
            synchronized (TicketCounter.class) {
                local = shared;
                if (local == null) {
                    shared = local = new TicketCounter();
                }
            }
        }
        return local;
    }
    public long next() { return next.getAndIncrement(); }
    public long issued() { return next.get() - 1000; }
}
class Booth {
    private final TicketCounter tickets = TicketCounter.get();
    String sell(String to) { return to + " #" + tickets.next(); }
    public static void main(String[] args) {
        System.out.println(new Booth().sell("Insel"));
        System.out.println(new Booth().sell("Watt"));
        System.out.println(TicketCounter.get().issued());
    }
}
