package hausaufgabe.driver;

import java.lang.reflect.Array;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.Map;
import org.json.JSONObject;

/**
 * All that an object keeps, also in objects it leads to, as texts by the way to them. Two states are the same when these
 * are. None of the program's code is run for it. Kept to {@value #MOST} values.
 */
final class ObjectState {

    private static final int MOST = 600;

    private final JSONObject found = new JSONObject();
    private final Map<Object, String> seen = new IdentityHashMap<>();
    private final Deque<Object[]> waiting = new ArrayDeque<>();

    private ObjectState() {}

    /** @param unread objects that are not looked into */
    static JSONObject of(Object object, Collection<Object> unread) {
        ObjectState state = new ObjectState();
        for (Object o : unread) {
            state.seen.put(o, "…");
        }
        state.seen.remove(object);
        state.take("", object);
        while (!state.waiting.isEmpty() && state.found.length() < MOST) {
            Object[] next = state.waiting.remove();
            state.open((String) next[0], next[1]);
        }
        return state.found;
    }

    private void take(String way, Object value) {
        if (ValueText.isSimple(value)) {
            found.put(way, value == null ? "null" : ShortText.of(value));
        } else if (value instanceof Enum<?> e) {
            found.put(way, e.name());
        } else if (seen.containsKey(value)) {
            found.put(way, "→" + seen.get(value));
        } else {
            seen.put(value, way);
            found.put(way, value.getClass().getName().replaceFirst("\\$\\$Lambda.*", "lambda"));
            waiting.add(new Object[] {way, value});
        }
    }

    private void open(String way, Object value) {
        Class<?> type = value.getClass();
        String below = way.isEmpty() ? "" : way + ".";
        if (type.isArray()) {
            for (int i = 0; i < Math.min(Array.getLength(value), MOST); i++) {
                take(below + i, Array.get(value, i));
            }
        } else if (ValueText.isPlatform(type)) {
            openPlatforms(below, value);
        } else {
            for (Class<?> t = type; t != null && !ValueText.isPlatform(t); t = t.getSuperclass()) {
                for (Field f : t.getDeclaredFields()) {
                    if (!Modifier.isStatic(f.getModifiers()) && !f.isSynthetic()) {
                        take(below + f.getName(), ValueText.read(f, value));
                    }
                }
            }
        }
    }

    private void openPlatforms(String below, Object value) {
        try {
            int i = 0;
            if (value instanceof Collection<?> c) {
                for (Object item : c) {
                    take(below + i++, item);
                }
            } else if (value instanceof Map<?, ?> m) {
                for (Map.Entry<?, ?> e : m.entrySet()) {
                    take(below + i + ".key", e.getKey());
                    take(below + i++ + ".value", e.getValue());
                }
            } else if (value instanceof java.util.Optional<?> o) {
                take(below + "value", o.isPresent() ? o.get() : null);
            } else if (value instanceof java.util.concurrent.atomic.AtomicReference<?> r) {
                take(below + "value", r.get());
            }
        } catch (RuntimeException e) {
            found.put(below + "!", "could not be read");
        }
    }
}
