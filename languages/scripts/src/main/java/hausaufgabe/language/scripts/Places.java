package hausaufgabe.language.scripts;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Fields, parameters, variables and results, and the ways from one to the other: what is made somewhere comes to stand wherever a way
 * leads; what is asked somewhere is asked of all that leads there.
 */
final class Places {

    private static final int ROUNDS = 40;

    private final Map<String, String> parents = new LinkedHashMap<>();
    private final Map<String, String> elements = new HashMap<>();
    private final Map<String, Set<String>> asked = new HashMap<>();
    private final Map<String, Set<String>> held = new HashMap<>();
    private final Map<String, Set<String>> declared = new HashMap<>();
    private final Set<Way> ways = new LinkedHashSet<>();

    private final List<Way> kin = new ArrayList<>();
    private @Nullable Index index;

    /** What stands in one place comes to stand in another. */
    private record Way(String from, String to) {}

    String root(String place) {
        String at = place;
        String parent = parents.computeIfAbsent(at, p -> p);
        while (!parent.equals(at)) {
            String above = parents.get(parent);
            parents.put(at, above);
            at = parent;
            parent = above;
        }
        return at;
    }

    void unite(String a, String b) {
        String x = root(a);
        String y = root(b);
        if (x.equals(y)) {
            return;
        }
        parents.put(y, x);
        take(asked, x, y);
        take(held, x, y);
        take(declared, x, y);
        String elementOfX = elements.get(x);
        String elementOfY = elements.remove(y);
        if (elementOfX != null && elementOfY != null) {
            unite(elementOfX, elementOfY);
        } else if (elementOfY != null) {
            elements.put(x, elementOfY);
        }
    }

    /** What stands in a place comes to stand in another one as well. */
    void lead(String from, String to) {
        if (!root(from).equals(root(to))) {
            ways.add(new Way(from, to));
        }
    }

    /** What stands in a place is compared with what stands in another one, as when it is taken out there. */
    void compare(String with, String place) {
        kin.add(new Way(with, place));
    }

    /** Where what stands there is led to at once, or compared with what is there. */
    List<String> ends(String place) {
        return index().ends.getOrDefault(root(place), List.of());
    }

    /** All places that are one with this one. */
    List<String> aliases(String place) {
        return index().aliases.getOrDefault(root(place), List.of(place));
    }

    /** Whether a place of some kind is among those that are one with this one. */
    boolean isOf(String place, String kind) {
        return aliases(place).stream().anyMatch(p -> p.startsWith(kind));
    }

    /** What is one with what, and leads where. */
    private static final class Index {
        private final Map<String, List<String>> ends = new HashMap<>();
        private final Map<String, List<String>> aliases = new HashMap<>();
    }

    /** Made once all ways are known and followed. */
    private Index index() {
        if (index == null) {
            Index made = new Index();
            for (String p : List.copyOf(parents.keySet())) {
                made.aliases.computeIfAbsent(root(p), k -> new ArrayList<>()).add(p);
            }
            ways.forEach(w -> made.ends
                    .computeIfAbsent(root(w.from()), k -> new ArrayList<>())
                    .add(w.to()));
            kin.forEach(w -> made.ends
                    .computeIfAbsent(root(w.from()), k -> new ArrayList<>())
                    .add(w.to()));
            index = made;
        }
        return index;
    }

    /** Follows all ways to their ends. */
    void follow() {
        index = null;
        boolean changed = true;
        for (int round = 0; changed && round < ROUNDS; round++) {
            changed = false;
            for (Way w : List.copyOf(ways)) {
                changed |= follow(w);
            }
        }
    }

    private boolean follow(Way w) {
        String from = root(w.from());
        String to = root(w.to());
        if (from.equals(to)) {
            return false;
        }
        boolean changed = pour(held, from, to);
        changed |= pour(declared, from, to);
        changed |= pour(asked, to, from);
        String elementOfFrom = elements.get(from);
        String elementOfTo = elements.get(to);
        // both names are of one container
        if (elementOfFrom != null || elementOfTo != null) {
            String a = element(from);
            String b = element(to);
            if (!root(a).equals(root(b))) {
                unite(a, b);
                changed = true;
            }
        }
        return changed;
    }

    private static boolean pour(Map<String, Set<String>> of, String from, String to) {
        Set<String> more = of.get(from);
        return more != null
                && !more.isEmpty()
                && of.computeIfAbsent(to, p -> new LinkedHashSet<>()).addAll(more);
    }

    private static void take(Map<String, Set<String>> of, String into, String from) {
        Set<String> more = of.remove(from);
        if (more != null) {
            of.computeIfAbsent(into, p -> new LinkedHashSet<>()).addAll(more);
        }
    }

    /** The place of what a container in that place contains. */
    String element(String container) {
        return elements.computeIfAbsent(root(container), c -> "element of " + c);
    }

    boolean isContainer(String place) {
        return elements.containsKey(root(place));
    }

    /** Names of operations that are asked of what stands there. */
    Set<String> asked(String place) {
        return asked.computeIfAbsent(root(place), p -> new LinkedHashSet<>());
    }

    /** Ids of types of which objects come to stand there. */
    Set<String> held(String place) {
        return held.computeIfAbsent(root(place), p -> new LinkedHashSet<>());
    }

    /** Ids of types that are declared for it. */
    Set<String> declared(String place) {
        return declared.computeIfAbsent(root(place), p -> new LinkedHashSet<>());
    }

    List<String> roots() {
        List<String> roots = new ArrayList<>();
        for (String place : List.copyOf(parents.keySet())) {
            if (root(place).equals(place)) {
                roots.add(place);
            }
        }
        return roots;
    }
}
