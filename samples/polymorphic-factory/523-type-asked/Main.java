import java.util.*;

abstract class Ticket { abstract double price(); abstract String type(); }
class Single extends Ticket { double price() { return 3; } String type() { return "single"; } }
class Day extends Ticket { double price() { return 9; } String type() { return "day"; } }
class Group extends Ticket { double price() { return 20; } String type() { return "group"; } }
class TicketMachine {
    Ticket issue(String kind) {
        switch (kind) { case "s": return new Single(); case "d": return new Day(); case "g": return new Group(); default: throw new IllegalArgumentException(kind); }
    }
}
class Gate {
    private final TicketMachine machine = new TicketMachine();
    double sell(String kind) {
        Ticket t = machine.issue(kind);
        if (t.type().equals("single")) return 3;
        if (t.type().equals("day")) return 9;
        if (t instanceof Group) return 20;
        return 0;
    }
    int persons(String kind) { Ticket t = machine.issue(kind); if (t instanceof Group) return 5; else return 1; }
    public static void main(String[] a) { System.out.println(new Gate().sell("s") + new Gate().persons("g")); }
}
