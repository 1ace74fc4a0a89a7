package hausaufgabe.driver;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.lang.reflect.Constructor;
import java.lang.reflect.Executable;
import java.lang.reflect.Field;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Does one request after another on the program's objects. */
final class Desk {

    /** Calls of doubles told for one request; the rest are left out. */
    private static final int MOST_EVENTS = 5_000;

    private final Printing printing;
    private final JsonArray events = new JsonArray();
    private Objects objects = new Objects();
    private ProgramLoader loader = new ProgramLoader(Map.of(), Set.of());
    private Values values = new Values(objects, loader);

    Desk(Printing printing) {
        this.printing = printing;
    }

    private static final class Refused extends Exception {
        private static final long serialVersionUID = 1L;

        Refused(String message) {
            super(message);
        }
    }

    JsonObject answer(JsonObject request) {
        JsonObject answer = new JsonObject();
        try {
            answer.add("value", perform(request));
        } catch (InvocationTargetException e) {
            answer.add("thrown", thrown(e.getCause(), false));
        } catch (ExceptionInInitializerError e) {
            answer.add("thrown", thrown(e.getCause() == null ? e : e.getCause(), false));
        } catch (StackOverflowError | OutOfMemoryError | NoClassDefFoundError e) {
            answer.add("thrown", thrown(e, false));
        } catch (Throwable e) {
            answer.add("thrown", thrown(e, true));
        }
        String printed = printing.take();
        synchronized (events) {
            if (!printed.isEmpty()) {
                events.add(new JsonObject().add("printed", printed));
            }
            JsonArray told = new JsonArray();
            events.forEach(told::add);
            while (events.size() > 0) {
                events.remove(events.size() - 1);
            }
            answer.add("events", told);
        }
        return answer.add("flooded", printing.isFlooded());
    }

    private static JsonObject thrown(Throwable t, boolean ours) {
        String message;
        try {
            String own = t.getMessage();
            message = own == null ? "" : own;
        } catch (Throwable broken) {
            message = "(its message could not be read)";
        }
        return new JsonObject()
                .add("type", t.getClass().getName())
                .add("message", message.substring(0, Math.min(500, message.length())))
                .add("ours", ours);
    }

    private JsonValue perform(JsonObject request) throws Throwable {
        return switch (request.getString("do", "")) {
            case "load" -> load(request);
            case "construct" -> construct(request);
            case "call" -> call(request);
            case "readStatic" -> readStatic(request);
            case "double" -> makeDouble(request);
            default -> throw new Refused("unknown request");
        };
    }

    private JsonValue load(JsonObject request) throws ReflectiveOperationException {
        Map<String, byte[]> program = new LinkedHashMap<>();
        JsonObject classes = request.get("program").asObject();
        for (String name : classes.names()) {
            program.put(name, Base64.getDecoder().decode(classes.getString(name, "")));
        }
        Set<String> watched = new HashSet<>();
        request.get("watched").asArray().forEach(w -> watched.add(w.asString()));
        objects = new Objects();
        loader = new ProgramLoader(program, watched);
        values = new Values(objects, loader);
        if (!watched.isEmpty()) {
            loader.listen((self, operation) -> {
                int slash = operation.lastIndexOf('/');
                heard(self, operation.substring(0, slash), Integer.parseInt(operation.substring(slash + 1)));
            });
        }
        return Json.NULL;
    }

    private void heard(Object self, String operation, int parameters) {
        Integer id = objects.known(self);
        synchronized (events) {
            if (id != null && events.size() < MOST_EVENTS) {
                events.add(new JsonObject()
                        .add("object", id)
                        .add("operation", operation)
                        .add("parameters", parameters));
            }
        }
    }

    private JsonValue construct(JsonObject request) throws Throwable {
        Class<?> type = loader.type(request.getString("type", ""));
        Object[] arguments = values.in(request.get("arguments").asArray());
        Constructor<?> c = find(type.getDeclaredConstructors(), request, arguments.length);
        c.setAccessible(true);
        return values.out(c.newInstance(arguments));
    }

    private JsonValue call(JsonObject request) throws Throwable {
        JsonValue on = request.get("on");
        Object receiver = on.isNull() ? null : objects.get(on.asInt());
        Object[] arguments = values.in(request.get("arguments").asArray());
        Method m = method(request, receiver, arguments.length);
        m.setAccessible(true);
        return values.out(m.invoke(receiver, arguments));
    }

    private Method method(JsonObject request, Object receiver, int count)
            throws ClassNotFoundException, NoSuchMethodException {
        String name = request.getString("operation", "");
        List<Class<?>> line = new ArrayList<>();
        collect(loader.type(request.getString("type", "")), line);
        if (receiver != null) {
            collect(receiver.getClass(), line);
        }
        for (Class<?> type : line) {
            List<Method> named = new ArrayList<>();
            for (Method m : type.getDeclaredMethods()) {
                if (m.getName().equals(name)
                        && !m.isBridge()
                        && Modifier.isStatic(m.getModifiers()) == (receiver == null)) {
                    named.add(m);
                }
            }
            try {
                return find(named.toArray(new Method[0]), request, count);
            } catch (NoSuchMethodException e) {
                // a supertype may declare it
            }
        }
        throw new NoSuchMethodException(name);
    }

    private static void collect(Class<?> type, List<Class<?>> line) {
        if (type != null && !line.contains(type)) {
            line.add(type);
            collect(type.getSuperclass(), line);
            for (Class<?> up : type.getInterfaces()) {
                collect(up, line);
            }
        }
    }

    private static <E extends Executable> E find(E[] all, JsonObject request, int count) throws NoSuchMethodException {
        List<String> wanted = new ArrayList<>();
        request.get("parameters").asArray().forEach(p -> wanted.add(p.asString()));
        for (E e : all) {
            Class<?>[] types = e.getParameterTypes();
            int hidden = types.length - count;
            boolean fits = hidden >= 0 && hidden <= 1;
            for (int i = 0; fits && i < count; i++) {
                String asked = i < wanted.size() ? wanted.get(i) : "?";
                Class<?> type = types[i + hidden];
                fits = asked.equals("?") || asked.equals(type.getCanonicalName()) || asked.equals(type.getName());
            }
            if (fits && hidden == 0) {
                return e;
            }
        }
        throw new NoSuchMethodException(request.getString("operation", "constructor") + wanted);
    }

    private JsonValue readStatic(JsonObject request) throws Throwable {
        Class<?> type = loader.type(request.getString("type", ""));
        Field f = type.getDeclaredField(request.getString("field", ""));
        f.setAccessible(true);
        return values.out(f.get(null));
    }

    private JsonValue makeDouble(JsonObject request) throws Throwable {
        Class<?> type = loader.type(request.getString("type", ""));
        Map<String, Object> answers = new HashMap<>();
        JsonObject given = request.get("answers").asObject();
        for (String name : given.names()) {
            answers.put(name, values.in(given.get(name)));
        }
        return values.out(new Doubles(loader, answers, this::heard).of(type));
    }
}
