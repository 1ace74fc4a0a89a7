package hausaufgabe.driver;

import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.lang.reflect.Array;
import java.lang.reflect.Constructor;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.Proxy;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

/** Values on their way in and out. On the way out none of the program's own code is run. */
final class Values {

    private static final int SHOWN = 200;

    private final Objects objects;
    private final ProgramLoader loader;

    Values(Objects objects, ProgramLoader loader) {
        this.objects = objects;
        this.loader = loader;
    }

    Object[] in(JsonArray given) throws ReflectiveOperationException {
        List<Object> all = new ArrayList<>();
        for (JsonValue v : given) {
            all.add(in(v));
        }
        return all.toArray();
    }

    Object in(JsonValue given) throws ReflectiveOperationException {
        if (given.isNull()) {
            return null;
        }
        JsonObject v = given.asObject();
        if (v.get("ref") != null) {
            return objects.get(v.get("ref").asInt());
        }
        String type = v.getString("type", "");
        if (v.get("items") != null) {
            return several(type, in(v.get("items").asArray()));
        }
        if (v.get("operation") != null) {
            return parsed(type, v.getString("operation", ""), v.getString("text", ""));
        }
        return simple(type, v.getString("text", ""));
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
            case "char", "java.lang.Character" -> text.charAt(0);
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
        List<Object> list = new ArrayList<>(java.util.Arrays.asList(items));
        if (Map.class.isAssignableFrom(wanted)) {
            return map(wanted, items);
        }
        if (wanted == Optional.class) {
            return Optional.of(items[0]);
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
        if (wanted.isInstance(list)) {
            return list;
        }
        return collection(wanted, list);
    }

    private static Object collection(Class<?> wanted, List<Object> list) throws ReflectiveOperationException {
        Collection<Object> made;
        if (wanted.isAssignableFrom(LinkedHashSet.class)) {
            made = new LinkedHashSet<>();
        } else if (wanted.isAssignableFrom(ArrayDeque.class)) {
            made = new ArrayDeque<>();
        } else if (wanted.isAssignableFrom(TreeSet.class)) {
            made = new TreeSet<>();
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

    private Object parsed(String type, String operation, String text) throws ReflectiveOperationException {
        Class<?> of = loader.type(type);
        if (operation.equals("new")) {
            Constructor<?> c = of.getConstructor(String.class);
            return c.newInstance(text);
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

    JsonValue out(Object value) {
        if (value == null) {
            return new JsonObject().add("nothing", true).add("shown", "nothing");
        }
        if (value instanceof String s) {
            return new JsonObject().add("shown", '"' + (s.length() > SHOWN ? s.substring(0, SHOWN) + "…" : s) + '"');
        }
        if (value instanceof Number n && value.getClass().getClassLoader() == null) {
            return new JsonObject().add("shown", n.toString());
        }
        if (value instanceof Boolean || value instanceof Character) {
            return new JsonObject().add("shown", value.toString());
        }
        return new JsonObject()
                .add("ref", objects.number(value))
                .add("type", value.getClass().getName())
                .add(
                        "shown",
                        Proxy.isProxyClass(value.getClass())
                                ? "a double"
                                : "a " + value.getClass().getSimpleName());
    }

    /** What stands for nothing in a type: zero, false, an empty text, or null. */
    static Object plain(Class<?> type) {
        if (type == String.class || type == CharSequence.class) {
            return "";
        }
        if (!type.isPrimitive() || type == void.class) {
            return null;
        }
        return Array.get(Array.newInstance(type, 1), 0);
    }

    static Class<?> boxed(Class<?> type) {
        return type.isPrimitive() && type != void.class ? plain(type).getClass() : type;
    }
}
