import java.util.Stack;

interface Order {
    void run();
    void revert();
}

class Crane {
    private int height;
    private String load = "";

    void moveTo(int metres) {
        if (metres < 0 || metres > 30) throw new IllegalArgumentException("height: " + metres);
        height = metres;
    }
    void grab(String crate) {
        if (!load.isEmpty()) throw new IllegalStateException("hook is not free");
        load = crate;
    }
    void drop() { load = ""; }
    int height() { return height; }
    String load() { return load; }
}

class MoveOrder implements Order {
    private final Crane crane;
    private final int to;
    private int before;

    MoveOrder(Crane crane, int to) {
        this.crane = crane;
        this.to = to;
    }
    public void run() {
        crane.moveTo(to);
        before = crane.height();
    }
    public void revert() {
        crane.moveTo(before);
    }
}

class GrabOrder implements Order {
    private final Crane crane;
    private final String crate;

    GrabOrder(Crane crane, String crate) {
        if (!crate.startsWith("KISTE-")) throw new IllegalArgumentException("crate: " + crate);
        this.crane = crane;
        this.crate = crate;
    }
    public void run() { crane.grab(crate); }
    public void revert() { crane.drop(); }
}

class Foreman {
    private final Stack<Order> done = new Stack<>();

    void give(Order o) {
        o.run();
        done.push(o);
    }
    void takeBack() {
        if (done.isEmpty()) throw new IllegalStateException("nothing to take back");
        done.pop().revert();
    }
}

class Yard {
    public static void main(String[] args) {
        Crane c = new Crane();
        Foreman f = new Foreman();
        f.give(new MoveOrder(c, 12));
        f.give(new GrabOrder(c, "KISTE-7"));
        f.give(new MoveOrder(c, 25));
        f.takeBack();
        f.takeBack();
        System.out.println(c.height() + " " + c.load());
    }
}
