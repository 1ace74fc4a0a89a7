package hausaufgabe.core.toy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Fields, parameters and locals that hold the same things, found by following assignments: what is asked of one is asked of
 * all of them.
 */
final class Places {

    private final Map<String, String> parents = new LinkedHashMap<>();
    private final Map<String, String> elements = new HashMap<>();
    private final Map<String, Set<String>> asked = new HashMap<>();
    private final Map<String, Set<String>> held = new HashMap<>();

    String root(String place) {
        String parent = parents.computeIfAbsent(place, p -> p);
        return parent.equals(place) ? place : root(parent);
    }

    void unite(String a, String b) {
        String x = root(a);
        String y = root(b);
        if (x.equals(y)) {
            return;
        }
        parents.put(y, x);
        asked(x).addAll(asked.getOrDefault(y, Set.of()));
        held(x).addAll(held.getOrDefault(y, Set.of()));
        String elementOfX = elements.get(x);
        String elementOfY = elements.get(y);
        if (elementOfX != null && elementOfY != null) {
            unite(elementOfX, elementOfY);
        } else if (elementOfY != null) {
            elements.put(x, elementOfY);
        }
    }

    /** The place of what a container in that place contains. */
    String element(String container) {
        return elements.computeIfAbsent(root(container), c -> "element of " + c);
    }

    boolean isContainer(String place) {
        return elements.containsKey(root(place));
    }

    /** Operations that are asked of what stands there, as {@code name/parameters}. */
    Set<String> asked(String place) {
        return asked.computeIfAbsent(root(place), p -> new LinkedHashSet<>());
    }

    /** Names of types of which objects are made that come to stand there. */
    Set<String> held(String place) {
        return held.computeIfAbsent(root(place), p -> new LinkedHashSet<>());
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
