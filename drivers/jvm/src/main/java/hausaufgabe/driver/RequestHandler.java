package hausaufgabe.driver;

import java.lang.reflect.Constructor;
import java.lang.reflect.Executable;
import java.lang.reflect.Field;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.stream.Stream;
import org.json.JSONArray;
import org.json.JSONObject;

/** Does one request after another on the program's objects. */
final class RequestHandler {

    private static final int DRAWN = 1_000;

    private final OutputCapture printing;
    private final Map<Class<?>, Object> outers = new HashMap<>();
    private Map<String, byte[]> program = Map.of();
    private String tracer = "";
    private ObjectTable objects;
    private ProgramLoader loader;
    private ValueCodec values;
    private CallTracer doubles;
    private volatile WholeRun whole;

    RequestHandler(OutputCapture printing) {
        this.printing = printing;
        forget();
    }

    private static final class RequestRefused extends Exception {
        private static final long serialVersionUID = 1L;

        RequestRefused(String message) {
            super(message);
        }
    }

    boolean isRunningWhole() {
        return whole != null;
    }

    /** The answer of a program that ends itself while it runs as a whole. */
    JSONObject ended() {
        return finished(new JSONObject().put("value", whole.left(true)));
    }

    JSONObject answer(JSONObject request) {
        JSONObject answer = new JSONObject();
        try {
            answer.put("value", perform(request));
        } catch (InvocationTargetException e) {
            answer.put("thrown", thrown(reason(e.getCause()), false));
        } catch (ExceptionInInitializerError e) {
            answer.put("thrown", thrown(reason(e), false));
        } catch (StackOverflowError | OutOfMemoryError | NoClassDefFoundError e) {
            answer.put("thrown", thrown(e, false));
        } catch (Throwable e) {
            answer.put("thrown", thrown(e, true));
        }
        return finished(answer);
    }

    private JSONObject finished(JSONObject answer) {
        return answer.put("events", doubles.take()).put("flooded", printing.isFlooded());
    }

    private static Throwable reason(Throwable t) {
        return t instanceof ExceptionInInitializerError && t.getCause() != null ? t.getCause() : t;
    }

    private JSONObject thrown(Throwable t, boolean ours) {
        String message;
        try {
            String own = t.getMessage();
            message = own == null ? "" : own;
        } catch (Throwable broken) {
            message = "(its message could not be read)";
        }
        return new JSONObject()
                .put("type", t.getClass().getName())
                .put("message", message.substring(0, Math.min(500, message.length())))
                .put("at", place(t))
                .put("cause", cause(t, message, ours));
    }

    /** Who brought it about: the driver, the program itself, or the program by using up what the runtime has. */
    private static String cause(Throwable t, String message, boolean ours) {
        if (t instanceof StackOverflowError) {
            return "recursion";
        }
        if (t instanceof OutOfMemoryError) {
            return message.contains("thread") ? "threads" : "memory";
        }
        return ours ? "driver" : isAccident(t, message) ? "accident" : "program";
    }

    private static boolean isThrownByACheck(Throwable t) {
        try {
            StackTraceElement[] trace = t.getStackTrace();
            return trace.length > 0 && trace[0].getClassName().equals("java.util.Objects");
        } catch (Throwable broken) {
            return true;
        }
    }

    /** What the runtime throws by itself where nobody looked out, unless it was looked out for. */
    private static boolean isAccident(Throwable t, String message) {
        boolean checked = isThrownByACheck(t);
        return t instanceof NullPointerException && !checked && message.startsWith("Cannot ")
                || t instanceof ClassCastException
                || t instanceof IndexOutOfBoundsException && !checked
                || t instanceof ArithmeticException
                || t instanceof ArrayStoreException
                || t instanceof NegativeArraySizeException
                || t instanceof java.util.ConcurrentModificationException;
    }

    /** The line of the program that threw, as {@code File.java:12}; empty where none of its own did. */
    private String place(Throwable t) {
        try {
            for (StackTraceElement e : t.getStackTrace()) {
                if (program.containsKey(e.getClassName()) && e.getFileName() != null) {
                    return e.getFileName() + ":" + e.getLineNumber();
                }
            }
        } catch (Throwable broken) {
            // its own doing
        }
        return "";
    }

    private Object perform(JSONObject request) throws Throwable {
        return switch (request.optString("do")) {
            case "load" -> load(request);
            case "forget" -> start();
            case "add" -> add(request);
            case "construct" -> construct(request);
            case "call" -> values.out(drawn(call(request).call()));
            case "parallel" -> parallel(request);
            case "read" -> read(request);
            case "write" -> write(request);
            case "answers" -> answers(request);
            case "watch" -> watch(request);
            case "equal" -> values.out(areEqual(request));
            case "state" -> state(request);
            case "main" -> main(request);
            case "tests" -> tests(request);
            default -> throw new RequestRefused("unknown request");
        };
    }

    private Object load(JSONObject request) throws ReflectiveOperationException {
        Map<String, byte[]> parts = new HashMap<>();
        JSONObject classes = request.getJSONObject("program");
        for (String name : classes.keySet()) {
            parts.put(name, Base64.getDecoder().decode(classes.getString(name)));
        }
        program = parts;
        tracer = request.optString("tracer");
        return start();
    }

    /** Forgets all objects and static state: the program's classes begin anew. */
    private Object start() throws ReflectiveOperationException {
        forget();
        if (!tracer.isEmpty()) {
            loader.listen(tracer, doubles);
        }
        return JSONObject.NULL;
    }

    private void forget() {
        objects = new ObjectTable();
        outers.clear();
        loader = new ProgramLoader(program, ClassLoader.getPlatformClassLoader());
        values = new ValueCodec(objects, loader);
        final ProgramLoader mine = loader;
        doubles = new CallTracer(objects, values, printing, new Runnable() {
            @Override
            public void run() {
                mine.stopListening(tracer);
            }
        });
    }

    private Object add(JSONObject request) {
        loader.add(request.getString("type"), Base64.getDecoder().decode(request.getString("content")));
        return JSONObject.NULL;
    }

    private Object construct(JSONObject request) throws Throwable {
        return values.out(
                make(loader.type(request.getString("type")), request, values.in(request.getJSONArray("arguments"))));
    }

    private Object make(Class<?> type, JSONObject request, Object[] arguments) throws Throwable {
        Constructor<?> c = find(type.getDeclaredConstructors(), request, arguments.length);
        c.setAccessible(true);
        int hidden = c.getParameterCount() - arguments.length;
        if (hidden == 0) {
            return c.newInstance(arguments);
        }
        Object[] all = new Object[arguments.length + 1];
        all[0] = outer(c.getParameterTypes()[0]);
        System.arraycopy(arguments, 0, all, 1, arguments.length);
        return c.newInstance(all);
    }

    /** The object an inner one belongs to: made without arguments, the same for all. */
    private Object outer(Class<?> type) throws Throwable {
        Object known = outers.get(type);
        if (known == null) {
            known = make(
                    type, new JSONObject().put("operation", "outer").put("parameters", new JSONArray()), new Object[0]);
            outers.put(type, known);
        }
        return known;
    }

    /** A call that is ready to be made. */
    private interface Ready {
        Object call() throws Exception;
    }

    private Ready call(JSONObject request) throws ReflectiveOperationException {
        final Object receiver = request.isNull("on") ? null : objects.get(request.getInt("on"));
        final Object[] arguments = values.in(request.getJSONArray("arguments"));
        final Method m = method(request, receiver, arguments.length);
        m.setAccessible(true);
        return new Ready() {
            @Override
            public Object call() throws Exception {
                return m.invoke(receiver, arguments);
            }
        };
    }

    /** What would only be worked out when it is asked for, worked out, up to {@value #DRAWN} of it. */
    private static Object drawn(Object result) {
        if (result instanceof Stream<?> s && ValueText.isPlatform(result.getClass())) {
            return s.limit(DRAWN).toList();
        }
        if (result instanceof Iterator<?> i && ValueText.isPlatform(result.getClass())) {
            List<Object> all = new ArrayList<>();
            while (all.size() < DRAWN && i.hasNext()) {
                all.add(i.next());
            }
            return all;
        }
        return result;
    }

    private Method method(JSONObject request, Object receiver, int count)
            throws ClassNotFoundException, NoSuchMethodException {
        String name = request.getString("operation");
        List<Class<?>> line = new ArrayList<>();
        collect(loader.type(request.getString("type")), line);
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

    private static <E extends Executable> E find(E[] all, JSONObject request, int count) throws NoSuchMethodException {
        JSONArray wanted = request.getJSONArray("parameters");
        E inner = null;
        for (E e : all) {
            Class<?>[] types = e.getParameterTypes();
            int hidden = types.length - count;
            boolean fits = hidden == 0 || hidden == 1 && e instanceof Constructor<?> c && isInner(c);
            for (int i = 0; fits && i < count; i++) {
                String asked = i < wanted.length() ? wanted.getString(i) : "?";
                Class<?> type = types[i + hidden];
                fits = asked.equals("?") || asked.equals(type.getTypeName());
            }
            if (fits && hidden == 0) {
                return e;
            }
            inner = fits ? e : inner;
        }
        if (inner != null) {
            return inner;
        }
        throw new NoSuchMethodException(request.optString("operation", "constructor") + wanted);
    }

    private static boolean isInner(Constructor<?> c) {
        Class<?> first = c.getParameterTypes()[0];
        Class<?> type = c.getDeclaringClass();
        return first == type.getEnclosingClass()
                || type.getSuperclass() != null && first == type.getSuperclass().getEnclosingClass();
    }

    private Object parallel(JSONObject request) throws Exception {
        int threads = request.getInt("threads");
        final Ready ready = call(request.getJSONObject("call"));
        final CountDownLatch start = new CountDownLatch(1);
        final Object[] came = new Object[threads];
        Thread[] all = new Thread[threads];
        for (int i = 0; i < threads; i++) {
            final int mine = i;
            all[i] = new Thread(
                    null,
                    new Runnable() {
                        @Override
                        public void run() {
                            try {
                                start.await();
                                came[mine] = values.out(ready.call());
                            } catch (InvocationTargetException e) {
                                came[mine] = new JSONObject().put("thrown", thrown(e.getCause(), false));
                            } catch (Throwable e) {
                                came[mine] = new JSONObject().put("thrown", thrown(e, true));
                            }
                        }
                    },
                    "parallel-" + (i + 1));
            all[i].start();
        }
        start.countDown();
        for (Thread t : all) {
            t.join();
        }
        JSONArray items = new JSONArray();
        for (Object o : came) {
            items.put(o == null ? new JSONObject().put("n", true) : o);
        }
        return new JSONObject().put("items", items);
    }

    private Field field(JSONObject request) throws ReflectiveOperationException {
        Field f = loader.type(request.getString("type")).getDeclaredField(request.getString("field"));
        f.setAccessible(true);
        return f;
    }

    private Object on(JSONObject request) {
        return request.isNull("on") ? null : objects.get(request.getInt("on"));
    }

    private Object read(JSONObject request) throws ReflectiveOperationException {
        return values.out(field(request).get(on(request)));
    }

    private Object write(JSONObject request) throws ReflectiveOperationException {
        field(request).set(on(request), values.in(request.get("value")));
        return JSONObject.NULL;
    }

    private Object answers(JSONObject request) throws ReflectiveOperationException {
        JSONObject given = request.getJSONObject("answers");
        Map<String, Object[]> all = new HashMap<>();
        for (String operation : given.keySet()) {
            all.put(operation, values.in(given.getJSONArray(operation)));
        }
        doubles.answer(objects.get(request.getInt("on")), all);
        return JSONObject.NULL;
    }

    private Object watch(JSONObject request) throws ReflectiveOperationException {
        List<CallTracer.Watched> all = new ArrayList<>();
        JSONArray calls = request.getJSONArray("calls");
        for (int i = 0; i < calls.length(); i++) {
            final Ready ready = call(calls.getJSONObject(i));
            all.add(new CallTracer.Watched() {
                @Override
                public Object read() throws Exception {
                    return ready.call();
                }
            });
        }
        doubles.look(objects.get(request.getInt("on")), all);
        return JSONObject.NULL;
    }

    /** By what the first one itself says. */
    private boolean areEqual(JSONObject request) {
        return objects.get(request.getInt("first")).equals(objects.get(request.getInt("second")));
    }

    private Object state(JSONObject request) {
        List<Object> unread = new ArrayList<>();
        JSONArray without = request.optJSONArray("without");
        for (int i = 0; without != null && i < without.length(); i++) {
            unread.add(objects.get(without.getInt(i)));
        }
        return new JSONObject().put("state", ObjectState.of(objects.get(request.getInt("on")), unread));
    }

    private Object main(JSONObject request) throws Throwable {
        if (request.optBoolean("rehearsal")) {
            values.openContainers();
            doubles.tellMore();
        }
        whole = new WholeRun(request.optString("input"));
        try {
            whole.run(loader.type(request.getString("type")), request.getJSONArray("arguments"));
            return whole.left(request.optBoolean("rehearsal") && whole.isStillRunning());
        } finally {
            whole = null;
        }
    }

    private Object tests(JSONObject request) throws Throwable {
        return new TestRun(program).run(request.getJSONArray("classes"), request.getJSONArray("libraries"));
    }
}
