import java.util.*;

abstract class Crew {
    private final String name;
    protected Crew(String name) { if (name.isBlank()) throw new IllegalArgumentException("name"); this.name = name; }
    String name() { return name; }
    abstract int hands();
    abstract double cost(int hours);
    abstract void list(StringBuilder to, int depth);
    void add(Crew c) { throw new UnsupportedOperationException(name + " is a single sailor"); }
    @Override public String toString() { StringBuilder sb = new StringBuilder(); list(sb, 0); return sb.toString(); }
}
class Sailor extends Crew {
    private final double wage;
    Sailor(String name, double wage) { super(name); if (wage < 12) throw new IllegalArgumentException("below the harbour's least wage"); this.wage = wage; }
    int hands() { return 1; }
    double cost(int hours) { return wage * hours; }
    void list(StringBuilder to, int depth) { to.append("  ".repeat(depth)).append(name()).append('\n'); }
}
class Trainee extends Crew {
    Trainee(String name) { super(name); }
    int hands() { return 0; }
    double cost(int hours) { return 0; }
    void list(StringBuilder to, int depth) { to.append("  ".repeat(depth)).append(name()).append(" (learns)\n"); }
}
class Watch extends Crew {
    private final Map<String, Crew> members = new LinkedHashMap<>();
    Watch(String name) { super(name); }
    @Override void add(Crew c) {
        if (c == this) throw new IllegalArgumentException("a watch is not its own");
        if (members.putIfAbsent(c.name(), c) != null) throw new IllegalArgumentException(c.name() + " is there already");
    }
    Crew dismiss(String name) { return members.remove(name); }
    int hands() { int n = 0; for (Map.Entry<String, Crew> e : members.entrySet()) n += e.getValue().hands(); return n; }
    double cost(int hours) { double sum = 0; for (Crew c : members.values()) sum += c.cost(hours); return sum; }
    void list(StringBuilder to, int depth) { to.append("  ".repeat(depth)).append(name()).append(":\n"); members.values().forEach(c -> c.list(to, depth + 1)); }
}
class Ship {
    public static void main(String[] a) {
        Watch all = new Watch("all hands"); Watch port = new Watch("port watch");
        port.add(new Sailor("Okke", 14)); port.add(new Trainee("Fenja"));
        all.add(port); all.add(new Sailor("Silke", 20));
        System.out.println(all + " " + all.hands() + " " + all.cost(8));
    }
}
