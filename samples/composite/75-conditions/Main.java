import java.util.function.Predicate;
import java.util.*;
interface Rule { boolean allows(int hour, String ship); default String say() { return toString(); } }
class Hours implements Rule {
    private final int from, to;
    Hours(int from, int to) { this.from = from; this.to = to; }
    public boolean allows(int hour, String ship) { return hour >= from && hour < to; }
    @Override public String toString() { return from + "-" + to; }
}
class Named implements Rule {
    private final Set<String> names;
    Named(String... names) { this.names = Set.of(names); }
    public boolean allows(int hour, String ship) { return names.contains(ship); }
}
class AllOf implements Rule {
    protected final Rule[] rules;
    AllOf(Rule... rules) { this.rules = rules.clone(); }
    public boolean allows(int hour, String ship) {
        for (int i = 0; i < rules.length; i++) {
            if (!rules[i].allows(hour, ship)) return false;
        }
        return true;
    }
    @Override public String say() {
        StringBuilder sb = new StringBuilder();
        for (Rule r : rules) sb.append(sb.length() == 0 ? "" : " and ").append(r.say());
        return sb.toString();
    }
}
class AnyOf implements Rule {
    private final List<Rule> rules;
    AnyOf(List<Rule> rules) { this.rules = rules; }
    public boolean allows(int hour, String ship) { return rules.stream().anyMatch(r -> r.allows(hour, ship)); }
    @Override public String say() { return String.join(" or ", rules.stream().map(Rule::say).toList()); }
}
class LockTimes {
    public static void main(String[] args) {
        Rule r = new AnyOf(List.of(new Named("Pilot"), new AllOf(new Hours(6, 20), new Named("Nixe", "Alma"))));
        System.out.println(r.allows(7, "Alma") + " " + r.allows(22, "Pilot") + " " + r.say());
    }
}
