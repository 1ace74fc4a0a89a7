import java.util.*;

interface Radio { void send(String text); String receive(); }
class ShipRadio implements Radio { private final Deque<String> air = new ArrayDeque<>(); public void send(String t) { air.add(t); } public String receive() { return air.isEmpty() ? "" : air.poll(); } }
class HandRadio implements Radio { private String last = ""; public void send(String t) { last = t; } public String receive() { return last; } }
class NoRadio implements Radio { public void send(String t) { throw new UnsupportedOperationException("no radio"); } public String receive() { return ""; } }
class Boat {
    private final String name; private Radio radio = new NoRadio();
    Boat(String name) { this.name = name; }
    void fit(Radio r) { radio = r; }
    void leave() { radio.send(name + " leaves"); }
    String news() { return radio.receive(); }
    public static void main(String[] a) { Boat b = new Boat("Alma"); b.fit(new HandRadio()); b.leave(); System.out.println(b.news()); }
}
