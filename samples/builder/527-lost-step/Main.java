import java.util.*;

class Voyage {
    final String from, to; final int knots; final List<String> stops;
    Voyage(String from, String to, int knots, List<String> stops) { this.from = from; this.to = to; this.knots = knots; this.stops = stops; }
    public String toString() { return from + "-" + to + " at " + knots + " via " + stops; }
}
class VoyageBuilder {
    private String from = "Nordhafen", to = "Nordhafen"; private int knots = 8; private List<String> stops = new ArrayList<>();
    VoyageBuilder from(String f) { this.from = f; return this; }
    VoyageBuilder to(String t) { this.to = t; return this; }
    VoyageBuilder at(int k) { if (k < 1 || k > 30) throw new IllegalArgumentException("knots"); int knots = k; return this; }
    VoyageBuilder via(String s) { stops.add(s); return this; }
    Voyage plan() { return new Voyage(from, to, knots, new ArrayList<>(stops)); }
}
class Planner { public static void main(String[] a) { System.out.println(new VoyageBuilder().to("Oslo").at(12).via("Skagen").plan()); } }
