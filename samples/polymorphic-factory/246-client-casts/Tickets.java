import java.util.Map;
import java.util.function.Supplier;

interface Ticket {
    int price();
    String text();
}

class Single implements Ticket {
    public int price() { return 4; }
    public String text() { return "one way"; }
}

class Return implements Ticket {
    private boolean used;
    public int price() { return 7; }
    public String text() { return used ? "way back" : "there and back"; }
    void use() { used = true; }
}

class Season implements Ticket {
    private final int month;
    Season(int month) {
        if (month < 1 || month > 12) throw new IllegalArgumentException("month " + month);
        this.month = month;
    }
    public int price() { return 60; }
    public String text() { return "month " + month; }
    boolean valid(int m) { return m == month; }
}

class TicketOffice {
    private static final Map<String, Supplier<Ticket>> KINDS =
            Map.of("single", Single::new, "return", Return::new, "season", () -> new Season(5));

    Ticket sell(String kind) {
        Supplier<Ticket> s = KINDS.get(kind);
        if (s == null) throw new IllegalArgumentException("no ticket " + kind);
        return s.get();
    }
}

class Gate {
    private final TicketOffice office = new TicketOffice();
    private int money;

    String enter(String kind) {
        Ticket t = office.sell(kind);
        money += t.price();
        if (t instanceof Single) {
            return "punched";
        } else if (t instanceof Return r) {
            r.use();
            return "half punched";
        } else if (t instanceof Season s) {
            return s.valid(5) ? "welcome" : "expired";
        }
        throw new IllegalStateException();
    }

    int money() { return money; }
}

public class Tickets {
    public static void main(String[] args) {
        Gate g = new Gate();
        System.out.println(g.enter("single") + ", " + g.enter("return") + ", " + g.enter("season") + " " + g.money());
    }
}
