package hausaufgabe.driver;

import java.lang.reflect.Array;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.Collection;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** ValueCodec as short texts for people. None of the program's own code is run for it. */
final class ValueText {

    private static final int LONGEST = 200;
    private static final int ITEMS = 10;
    private static final int DEPTH = 3;

    private final Set<Object> within = Collections.newSetFromMap(new IdentityHashMap<Object, Boolean>());

    private ValueText() {}

    static String of(Object value) {
        try {
            return cut(new ValueText().show(value, 0));
        } catch (RuntimeException | Error e) {
            return "something that cannot be shown";
        }
    }

    static String cut(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST) + "… (" + text.length() + " characters)";
    }

    static boolean isPlatform(Class<?> type) {
        return type.getClassLoader() == null || type.getClassLoader() == ClassLoader.getPlatformClassLoader();
    }

    /** Whether its text says all there is of it, and asking for that runs none of the program's code. */
    static boolean isSimple(Object value) {
        if (value == null || value instanceof String || value instanceof Boolean || value instanceof Character) {
            return true;
        }
        Class<?> type = value.getClass();
        String pack = type.getPackageName();
        boolean own = !isPlatform(type);
        return !own
                && (value instanceof Number
                        || pack.startsWith("java.time")
                        || value instanceof CharSequence
                        || value instanceof java.util.UUID
                        || value instanceof java.util.Locale
                        || value instanceof java.util.Currency
                        || value instanceof java.util.concurrent.atomic.AtomicBoolean);
    }

    private String show(Object value, int depth) {
        if (value == null) {
            return "null";
        }
        if (value instanceof String s) {
            return '"' + cut(s) + '"';
        }
        if (isSimple(value)) {
            return ShortText.of(value);
        }
        if (value instanceof Enum<?> e) {
            return e.getDeclaringClass().getSimpleName() + "." + e.name();
        }
        Class<?> type = value.getClass();
        if (depth >= DEPTH || !within.add(value)) {
            return within.contains(value) && depth < DEPTH ? "itself" : "…";
        }
        try {
            if (type.isArray()) {
                return array(value, depth);
            }
            if (isPlatform(type) && value instanceof Collection<?> c) {
                return items(c, depth);
            }
            if (isPlatform(type) && value instanceof Map<?, ?> m) {
                return entries(m, depth);
            }
            if (value instanceof Optional<?> o) {
                return o.isPresent() ? "Optional of " + show(o.get(), depth + 1) : "Optional of nothing";
            }
            return type.isRecord() ? record(value, type, depth) : named(type);
        } finally {
            within.remove(value);
        }
    }

    static String named(Class<?> type) {
        String name = type.getSimpleName();
        if (type.isHidden() || type.isSynthetic()) {
            return "a lambda";
        }
        if (name.isEmpty()) {
            Class<?>[] up = type.getInterfaces();
            name = "nameless " + (up.length > 0 ? up[0] : type.getSuperclass()).getSimpleName();
        }
        if (name.endsWith("_other")) {
            name = "unseen " + name.substring(0, name.length() - "_other".length());
        }
        return ("AEIOUaeiou".indexOf(name.charAt(0)) >= 0 ? "an " : "a ") + name;
    }

    private String array(Object value, int depth) {
        StringBuilder shown = new StringBuilder("[");
        int length = Array.getLength(value);
        for (int i = 0; i < Math.min(length, ITEMS); i++) {
            shown.append(i == 0 ? "" : ", ").append(show(Array.get(value, i), depth + 1));
        }
        return end(shown, length, "]");
    }

    private String items(Collection<?> all, int depth) {
        StringBuilder shown = new StringBuilder("[");
        int count = 0;
        for (Object item : all) {
            if (count++ >= ITEMS) {
                break;
            }
            shown.append(count == 1 ? "" : ", ").append(show(item, depth + 1));
        }
        return end(shown, all.size(), "]");
    }

    private String entries(Map<?, ?> all, int depth) {
        StringBuilder shown = new StringBuilder("{");
        int count = 0;
        for (Map.Entry<?, ?> entry : all.entrySet()) {
            if (count++ >= ITEMS) {
                break;
            }
            shown.append(count == 1 ? "" : ", ").append(show(entry.getKey(), depth + 1));
            shown.append(": ").append(show(entry.getValue(), depth + 1));
        }
        return end(shown, all.size(), "}");
    }

    private static String end(StringBuilder shown, int size, String close) {
        if (size > ITEMS) {
            shown.append(", and ").append(size - ITEMS).append(" more");
        }
        return shown.append(close).toString();
    }

    private String record(Object value, Class<?> type, int depth) {
        StringBuilder shown = new StringBuilder(type.getSimpleName()).append('(');
        boolean first = true;
        for (Field f : type.getDeclaredFields()) {
            if (!Modifier.isStatic(f.getModifiers())) {
                shown.append(first ? "" : ", ").append(f.getName()).append(" = ");
                shown.append(show(read(f, value), depth + 1));
                first = false;
            }
        }
        return shown.append(')').toString();
    }

    static Object read(Field field, Object on) {
        try {
            field.setAccessible(true);
            return field.get(on);
        } catch (IllegalAccessException | RuntimeException e) {
            return null;
        }
    }
}
