import java.util.*;

class Yard {
    private final Map<Integer, Deque<String>> stacks = new TreeMap<>();
    void put(int row, String box) {
        if (row < 1 || row > 4) throw new IllegalArgumentException("rows go from 1 to 4");
        stacks.computeIfAbsent(row, r -> new ArrayDeque<>()).push(box);
    }
    String take(int row) {
        Deque<String> s = stacks.get(row);
        if (s == null || s.isEmpty()) throw new NoSuchElementException("row " + row + " is empty");
        return s.pop();
    }
    public String toString() { return stacks.toString(); }
}
interface Order { void run(); void undo(); default String said() { return getClass().getSimpleName(); } }
class Stack implements Order {
    private final Yard yard; private final int row; private final String box;
    Stack(Yard y, int row, String box) { this.yard = y; this.row = row; this.box = box; }
    public void run() { yard.put(row, box); }
    public void undo() { yard.take(row); }
}
class Move implements Order {
    private final Yard yard; private final int from, to; private boolean moved;
    Move(Yard y, int from, int to) { this.yard = y; this.from = from; this.to = to; }
    public void run() { yard.put(to, yard.take(from)); moved = true; }
    public void undo() { if (!moved) return; yard.put(from, yard.take(to)); moved = false; }
}
class Batch implements Order {
    private final List<Order> parts = new ArrayList<>();
    Batch then(Order o) { parts.add(o); return this; }
    public void run() { for (Order o : parts) o.run(); }
    public void undo() { for (ListIterator<Order> i = parts.listIterator(parts.size()); i.hasPrevious();) i.previous().undo(); }
}
class Dispatcher {
    private final Deque<Order> done = new ArrayDeque<>(), undone = new ArrayDeque<>();
    void accept(Order o) { o.run(); done.push(o); undone.clear(); }
    boolean back() { if (done.isEmpty()) return false; Order o = done.pop(); o.undo(); undone.push(o); return true; }
    boolean again() { if (undone.isEmpty()) return false; Order o = undone.pop(); o.run(); done.push(o); return true; }
    public static void main(String[] a) {
        Yard y = new Yard(); Dispatcher d = new Dispatcher();
        d.accept(new Stack(y, 1, "NH-1")); d.accept(new Batch().then(new Stack(y, 2, "NH-2")).then(new Move(y, 1, 2)));
        System.out.println(y); d.back(); System.out.println(y); d.again(); System.out.println(y);
    }
}
