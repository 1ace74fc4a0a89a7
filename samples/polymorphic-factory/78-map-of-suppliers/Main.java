import java.util.*;
import java.util.function.Supplier;
interface Knot { String tie(String rope); int turns(); }
final class Bowline implements Knot {
    public String tie(String rope) { return rope + " in a loop"; }
    public int turns() { return 1; }
}
final class CloveHitch implements Knot {
    public String tie(String rope) { return rope + " round a post"; }
    public int turns() { return 2; }
}
final class Reef implements Knot {
    public String tie(String rope) { return rope + " to " + rope; }
    public int turns() { return 2; }
}
class KnotSchool {
    private final Map<String, Supplier<? extends Knot>> known = new LinkedHashMap<>();
    KnotSchool() {
        known.put("bowline", Bowline::new);
        known.put("clove", CloveHitch::new);
        known.put("reef", () -> new Reef());
    }
    Knot teach(String name) {
        Supplier<? extends Knot> s = known.get(name.toLowerCase());
        if (s == null) throw new IllegalArgumentException("nobody knows the " + name);
        return s.get();
    }
    Set<String> names() { return known.keySet(); }
    public static void main(String[] args) {
        KnotSchool s = new KnotSchool();
        for (String n : s.names()) System.out.println(s.teach(n).tie("line"));
    }
}
