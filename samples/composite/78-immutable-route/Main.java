import java.util.List;
sealed interface Leg permits Sail, Wait, Journey {
    int minutes();
    int stops();
    default boolean longerThan(int m) { return minutes() > m; }
}
record Sail(int miles, int knots) implements Leg {
    public int minutes() { return miles * 60 / Math.max(1, knots); }
    public int stops() { return 0; }
}
record Wait(int minutes) implements Leg {
    public int stops() { return 1; }
}
record Journey(List<Leg> legs) implements Leg {
    Journey { legs = List.copyOf(legs); }
    Journey(Leg... legs) { this(List.of(legs)); }
    public int minutes() { return legs.stream().mapToInt(Leg::minutes).sum(); }
    public int stops() { return legs.stream().map(Leg::stops).reduce(0, Integer::sum); }
    Journey then(Leg more) {
        java.util.ArrayList<Leg> all = new java.util.ArrayList<>(legs);
        all.add(more);
        return new Journey(all);
    }
}
class Planner {
    public static void main(String[] args) {
        Journey j = new Journey(new Sail(12, 6), new Wait(30), new Journey(new Sail(3, 3)));
        System.out.println(j.minutes() + " " + j.stops());
        System.out.println(j.then(new Wait(5)).longerThan(200));
    }
}
