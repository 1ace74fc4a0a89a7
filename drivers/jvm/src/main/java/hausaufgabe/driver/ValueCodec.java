package hausaufgabe.driver;

import java.lang.reflect.Array;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.atomic.AtomicLong;
import org.json.JSONArray;
import org.json.JSONObject;

/** ValueCodec on their way in and out. On the way out none of the program's own code is run. */
final class ValueCodec {

    private final ObjectTable objects;
    private final ProgramLoader loader;
    private final AtomicLong characters = new AtomicLong();
    private volatile boolean opened;

    private static final int ITEMS = 30;
    private static final int DEPTH = 3;

    ValueCodec(ObjectTable objects, ProgramLoader loader) {
        this.objects = objects;
        this.loader = loader;
    }

    Object[] in(JSONArray given) throws ReflectiveOperationException {
        Object[] all = new Object[given.length()];
        for (int i = 0; i < all.length; i++) {
            all[i] = in(given.get(i));
        }
        return all;
    }

    Object in(Object given) throws ReflectiveOperationException {
        if (given == JSONObject.NULL) {
            return null;
        }
        JSONObject v = (JSONObject) given;
        if (v.has("ref")) {
            return objects.get(v.getInt("ref"));
        }
        if (v.optBoolean("itself")) {
            return CallTracer.ITSELF;
        }
        String type = v.optString("type");
        if (v.has("items")) {
            return several(type, in(v.getJSONArray("items")));
        }
        if (v.has("operation")) {
            return parsed(type, v.getString("operation"), v.optString("text"));
        }
        return simple(type, v.optString("text"));
    }

    private static Object simple(String type, String text) {
        return switch (type) {
            case "int", "java.lang.Integer" -> Integer.valueOf(text);
            case "long", "java.lang.Long" -> Long.valueOf(text);
            case "short", "java.lang.Short" -> Short.valueOf(text);
            case "byte", "java.lang.Byte" -> Byte.valueOf(text);
            case "double", "java.lang.Double", "java.lang.Number" -> Double.valueOf(text);
            case "float", "java.lang.Float" -> Float.valueOf(text);
            case "boolean", "java.lang.Boolean" -> Boolean.valueOf(text);
            case "char", "java.lang.Character" -> text.isEmpty() ? ' ' : text.charAt(0);
            default -> text;
        };
    }

    private Object several(String type, Object[] items) throws ReflectiveOperationException {
        if (type.endsWith("[]")) {
            Object array = Array.newInstance(loader.type(type.substring(0, type.length() - 2)), items.length);
            for (int i = 0; i < items.length; i++) {
                Array.set(array, i, items[i]);
            }
            return array;
        }
        Class<?> wanted = loader.type(type);
        List<Object> list = new ArrayList<>(Arrays.asList(items));
        if (Map.class.isAssignableFrom(wanted)) {
            return map(wanted, items);
        }
        if (wanted == Optional.class) {
            return items.length == 0 ? Optional.empty() : Optional.of(items[0]);
        }
        if (wanted == java.util.Iterator.class) {
            return list.iterator();
        }
        if (java.util.stream.BaseStream.class.isAssignableFrom(wanted)) {
            return list.stream();
        }
        if (wanted == java.util.concurrent.atomic.AtomicReference.class) {
            return new java.util.concurrent.atomic.AtomicReference<>(items[0]);
        }
        return wanted.isInstance(list) ? list : collection(wanted, list);
    }

    private static Object collection(Class<?> wanted, List<Object> list) throws ReflectiveOperationException {
        Collection<Object> made;
        if (wanted.isAssignableFrom(LinkedHashSet.class)) {
            made = new LinkedHashSet<>();
        } else if (wanted.isAssignableFrom(ArrayDeque.class)) {
            made = new ArrayDeque<>();
        } else if (wanted.isAssignableFrom(TreeSet.class)) {
            made = new TreeSet<>();
        } else if (wanted.isAssignableFrom(PriorityQueue.class)) {
            made = new PriorityQueue<>();
        } else {
            @SuppressWarnings("unchecked")
            Collection<Object> own =
                    (Collection<Object>) wanted.getConstructor().newInstance();
            made = own;
        }
        made.addAll(list);
        return made;
    }

    private static Object map(Class<?> wanted, Object[] items) throws ReflectiveOperationException {
        Map<Object, Object> made = new LinkedHashMap<>();
        for (int i = 0; i + 1 < items.length; i += 2) {
            made.put(items[i], items[i + 1]);
        }
        if (wanted.isInstance(made)) {
            return made;
        }
        if (wanted == java.util.EnumMap.class) {
            return enumMap(made);
        }
        if (wanted.isAssignableFrom(TreeMap.class)) {
            return new TreeMap<>(made);
        }
        @SuppressWarnings("unchecked")
        Map<Object, Object> own = (Map<Object, Object>) wanted.getConstructor().newInstance();
        own.putAll(made);
        return own;
    }

    @SuppressWarnings({"unchecked", "rawtypes"})
    private static Object enumMap(Map<Object, Object> made) {
        return new java.util.EnumMap(made);
    }

    /** What does not parse is no error of the program. */
    private Object parsed(String type, String operation, String text) throws ReflectiveOperationException {
        try {
            return made(type, operation, text);
        } catch (InvocationTargetException e) {
            throw new IllegalArgumentException("no " + type + ": " + text, e.getCause());
        }
    }

    private Object made(String type, String operation, String text) throws ReflectiveOperationException {
        if (operation.equals("class")) {
            return loader.type(text);
        }
        Class<?> of = loader.type(type);
        if (operation.equals("new")) {
            return of.getConstructor(String.class).newInstance(text);
        }
        if (operation.equals("empty")) {
            return of.getConstructor().newInstance();
        }
        for (Method m : of.getMethods()) {
            boolean fits = m.getName().equals(operation)
                    && Modifier.isStatic(m.getModifiers())
                    && m.getParameterCount() == 1
                    && m.getParameterTypes()[0].isAssignableFrom(String.class);
            if (fits) {
                return m.invoke(null, text);
            }
        }
        throw new NoSuchMethodException(type + "." + operation);
    }

    JSONArray outAll(Object[] all) {
        JSONArray told = new JSONArray();
        for (Object o : all) {
            told.put(out(o));
        }
        return told;
    }

    /** From here on what containers hold is told with them. */
    void openContainers() {
        opened = true;
    }

    JSONObject out(Object value) {
        return out(value, 0);
    }

    private JSONObject out(Object value, int depth) {
        JSONObject told = new JSONObject();
        if (value == null) {
            return told.put("n", true);
        }
        told.put("type", counted(value.getClass().getName()));
        if (value instanceof Number || value instanceof Boolean || value instanceof Character) {
            if (ValueText.isSimple(value)) {
                return told.put("kind", kind(value)).put("s", counted(ShortText.of(value)));
            }
        }
        if (value instanceof String s) {
            return told.put("kind", "text").put("s", counted(ShortText.kept(s)));
        }
        told.put("ref", objects.number(value)).put("shown", counted(ValueText.of(value)));
        if (opened && depth < DEPTH) {
            List<?> held = held(value);
            if (held != null) {
                JSONArray items = new JSONArray();
                for (Object item : held) {
                    items.put(out(item, depth + 1));
                }
                told.put("items", items);
            }
        }
        return told;
    }

    /** What a container of the platform holds, of a map keys and values in turn; null for what is none, or holds too much. */
    private static List<?> held(Object value) {
        try {
            if (value instanceof Object[] all) {
                return all.length > ITEMS ? null : Arrays.asList(all);
            }
            if (value.getClass().isArray()) {
                return items(value);
            }
            if (!ValueText.isPlatform(value.getClass())) {
                return null;
            }
            if (value instanceof Collection<?> all) {
                return all.size() > ITEMS ? null : new ArrayList<Object>(all);
            }
            if (value instanceof Map<?, ?> all && all.size() <= ITEMS) {
                List<Object> held = new ArrayList<>();
                for (Map.Entry<?, ?> e : all.entrySet()) {
                    held.add(e.getKey());
                    held.add(e.getValue());
                }
                return held;
            }
            return value instanceof Optional<?> o ? o.stream().toList() : null;
        } catch (RuntimeException e) {
            // a view of something of the program's own, or changed while it is read
            return null;
        }
    }

    private static List<Object> items(Object array) {
        int length = Array.getLength(array);
        List<Object> held = new ArrayList<>();
        for (int i = 0; i < length && length <= ITEMS; i++) {
            held.add(Array.get(array, i));
        }
        return length > ITEMS ? null : held;
    }

    private static String kind(Object simple) {
        return simple instanceof Number ? "number" : simple instanceof Boolean ? "truth" : "letter";
    }

    private String counted(String text) {
        characters.addAndGet(text.length());
        return text;
    }

    /** How many characters were told of values so far. */
    long characters() {
        return characters.get();
    }

    /** What stands for nothing in a type: zero, false, an empty text, or null. */
    static Object plain(String type) {
        return switch (type) {
            case "int" -> 0;
            case "long" -> 0L;
            case "short" -> (short) 0;
            case "byte" -> (byte) 0;
            case "double" -> 0.0;
            case "float" -> 0.0f;
            case "boolean" -> false;
            case "char" -> ' ';
            case "java.lang.String", "java.lang.CharSequence" -> "";
            default -> null;
        };
    }
}
