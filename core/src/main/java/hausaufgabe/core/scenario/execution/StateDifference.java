package hausaufgabe.core.scenario.execution;

import java.util.Map;
import java.util.TreeSet;

/** What became different between two states of an object, each by the way to it. */
public final class StateDifference {

    private StateDifference() {}

    /** The first difference in words; empty where there is none. */
    public static String between(Map<String, String> then, Map<String, String> now) {
        TreeSet<String> keys = new TreeSet<>(then.keySet());
        keys.addAll(now.keySet());
        for (String k : keys) {
            if (!String.valueOf(then.get(k)).equals(String.valueOf(now.get(k)))) {
                return k + " was " + then.getOrDefault(k, "not there") + " and is " + now.getOrDefault(k, "gone");
            }
        }
        return "";
    }
}
