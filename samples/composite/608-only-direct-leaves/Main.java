import java.util.*;

abstract class Node { final String name; Node(String n) { name = n; } abstract int lamps(); abstract void switchOn(); }
class Lamp extends Node { boolean on; Lamp(String n) { super(n); } int lamps() { return 1; } void switchOn() { on = true; } }
class Beacon extends Node { int flashes; Beacon(String n) { super(n); } int lamps() { return 2; } void switchOn() { flashes++; } }
class Pier extends Node {
    private final List<Node> nodes = new ArrayList<>();
    Pier(String n) { super(n); }
    void add(Node n) { nodes.add(n); } void remove(Node n) { nodes.remove(n); }
    int lamps() { int sum = 0; for (Node n : nodes) sum += n.lamps(); return sum; }
    void switchOn() { for (Node n : nodes) { if (n instanceof Pier) continue; n.switchOn(); } }
    public static void main(String[] a) { Pier p = new Pier("old"), q = new Pier("new"); p.add(new Lamp("l1")); q.add(new Beacon("b")); p.add(q); p.switchOn(); System.out.println(p.lamps()); }
}
