package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.DesignPattern.SameRole;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Finds several patterns in one design, each for itself and one after the other. A role that is the same as one found before
 * is played by that type, or by something which that type realises: who writes {@code Berth} as a kind of {@code Visitable}
 * has said the same in two types. Of these the one is taken with which most holds.
 */
public final class PatternSetMatcher {

    private PatternSetMatcher() {}

    /**
     * @param starter the code that was handed out; null where there was none
     * @param pins role names to names of types, or their ids, that a brief or a person has fixed, of all the patterns
     * @return a match for each pattern, in their order
     */
    public static List<Match> match(
            List<DesignPattern> patterns, Design design, @Nullable Design starter, Map<String, List<String>> pins) {
        Map<String, Type> found = new HashMap<>();
        List<Match> all = new ArrayList<>();
        for (DesignPattern pattern : patterns) {
            Match best = null;
            for (Map<String, List<String>> fixed : fixed(pattern, design, pins, found)) {
                Match match = RoleMatcher.match(pattern, design, starter, fixed);
                best = best == null || match.score() > best.score() ? match : best;
            }
            Match taken = java.util.Objects.requireNonNull(best, "there is always one way");
            all.add(taken);
            pattern.roles().stream()
                    .filter(r -> !r.many())
                    .forEach(r -> taken.binding().type(r.name()).ifPresent(t -> found.put(r.name(), t)));
        }
        return List.copyOf(all);
    }

    /** Every way to fix the roles of a pattern, that with the very types first. */
    private static List<Map<String, List<String>>> fixed(
            DesignPattern pattern, Design design, Map<String, List<String>> pins, Map<String, Type> found) {
        Map<String, List<String>> own = new LinkedHashMap<>(pins);
        own.keySet().removeIf(role -> pattern.role(role).isEmpty());
        List<Map<String, List<String>>> ways = new ArrayList<>(List.of(own));
        for (SameRole same : pattern.same()) {
            Type type = found.get(same.as());
            if (type == null || own.containsKey(same.role())) {
                continue;
            }
            List<Map<String, List<String>>> further = new ArrayList<>();
            for (Type t : design.lineOf(type)) {
                if (t.isNamed() && t.isOwn()) {
                    ways.forEach(w -> {
                        Map<String, List<String>> way = new LinkedHashMap<>(w);
                        way.put(same.role(), List.of(t.id()));
                        further.add(way);
                    });
                }
            }
            ways = further;
        }
        return ways;
    }
}
