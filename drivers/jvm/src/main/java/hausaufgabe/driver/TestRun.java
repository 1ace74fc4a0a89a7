package hausaufgabe.driver;

import java.io.File;
import java.lang.reflect.Array;
import java.lang.reflect.InvocationHandler;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.json.JSONArray;
import org.json.JSONObject;

/**
 * Test classes, run by the JUnit Platform, which lives in a loader of its own between the platform's and the program's; it
 * is spoken to by reflection, so that the driver can do without it.
 */
final class TestRun implements InvocationHandler {

    private static final int LONGEST = 600;
    private static final String LAUNCHER = "org.junit.platform.launcher.";

    private final Map<String, byte[]> program;
    private final JSONArray results = new JSONArray();
    private final Map<Object, Long> started = new HashMap<>();
    private final Set<String> assuming = new HashSet<>();

    TestRun(Map<String, byte[]> program) {
        this.program = program;
    }

    /** @param libraries the platform's packages, as files */
    JSONObject run(JSONArray classes, JSONArray libraries) throws Throwable {
        for (int i = 0; i < classes.length(); i++) {
            noteAssumptions(classes.getString(i));
        }
        URL[] urls = new URL[libraries.length()];
        for (int i = 0; i < urls.length; i++) {
            urls[i] = new File(libraries.getString(i)).toURI().toURL();
        }
        try (URLClassLoader platform = new URLClassLoader(urls, ClassLoader.getPlatformClassLoader())) {
            ProgramLoader loader = new ProgramLoader(program, platform);
            Thread.currentThread().setContextClassLoader(loader);
            execute(platform, loader, classes);
        }
        return new JSONObject().put("tests", results);
    }

    /** Keeps which of the test classes may call a test off because what it assumes is not so. */
    private void noteAssumptions(String test) {
        for (Map.Entry<String, byte[]> part : program.entrySet()) {
            boolean own = part.getKey().equals(test) || part.getKey().startsWith(test + "$");
            if (own && new String(part.getValue(), StandardCharsets.ISO_8859_1).contains("Assumptions")) {
                assuming.add(part.getKey());
            }
        }
    }

    /** Whether a test that was called off was so by the test itself, rather than by the program that it tests. */
    private boolean isCalledOffByTest(Throwable thrown) {
        for (StackTraceElement e : thrown.getStackTrace()) {
            if (program.containsKey(e.getClassName())) {
                return assuming.contains(e.getClassName());
            }
        }
        return false;
    }

    private void execute(ClassLoader platform, ProgramLoader loader, JSONArray classes) throws Throwable {
        Class<?> selector = platform.loadClass("org.junit.platform.engine.DiscoverySelector");
        Class<?> selectors = platform.loadClass("org.junit.platform.engine.discovery.DiscoverySelectors");
        Object all = Array.newInstance(selector, classes.length());
        for (int i = 0; i < classes.length(); i++) {
            Class<?> test = Class.forName(classes.getString(i), false, loader);
            Array.set(all, i, selectors.getMethod("selectClass", Class.class).invoke(null, test));
        }
        Class<?> builderType = platform.loadClass(LAUNCHER + "core.LauncherDiscoveryRequestBuilder");
        Object builder = builderType.getMethod("request").invoke(null);
        builderType.getMethod("selectors", all.getClass()).invoke(builder, all);
        Object request = builderType.getMethod("build").invoke(builder);
        Object launcher = platform.loadClass(LAUNCHER + "core.LauncherFactory")
                .getMethod("create")
                .invoke(null);
        Class<?> listenerType = platform.loadClass(LAUNCHER + "TestExecutionListener");
        Object listeners = Array.newInstance(listenerType, 1);
        Array.set(listeners, 0, Proxy.newProxyInstance(platform, new Class<?>[] {listenerType}, this));
        platform.loadClass(LAUNCHER + "Launcher")
                .getMethod("execute", platform.loadClass(LAUNCHER + "LauncherDiscoveryRequest"), listeners.getClass())
                .invoke(launcher, request, listeners);
    }

    /** Told by the platform what happens. */
    @Override
    public Object invoke(Object self, Method method, Object[] arguments) throws Throwable {
        switch (method.getName()) {
            case "executionStarted" -> started.put(arguments[0], System.nanoTime());
            case "executionFinished" -> finished(arguments[0], arguments[1]);
            case "executionSkipped" -> add(arguments[0], "aborted", String.valueOf(arguments[1]));
            case "hashCode" -> {
                return System.identityHashCode(self);
            }
            case "equals" -> {
                return self == arguments[0];
            }
            default -> {
                return null;
            }
        }
        return null;
    }

    private void finished(Object test, Object result) throws ReflectiveOperationException {
        String status = String.valueOf(call(result, "getStatus"));
        Optional<?> thrown = (Optional<?>) call(result, "getThrowable");
        boolean failedAbove = !isTest(test) && !status.equals("SUCCESSFUL");
        if (isTest(test) || failedAbove) {
            boolean calledOff =
                    status.equals("ABORTED") && thrown.isPresent() && isCalledOffByTest((Throwable) thrown.get());
            String outcome = status.equals("SUCCESSFUL") ? "passed" : calledOff ? "aborted" : "failed";
            add(test, outcome, thrown.isPresent() ? said((Throwable) thrown.get()) : "");
        }
    }

    private static String said(Throwable t) {
        try {
            String message = t.getMessage();
            String type = t.getClass().getSimpleName();
            return type.equals("AssertionFailedError") && message != null ? message : type + ": " + message;
        } catch (Throwable broken) {
            return t.getClass().getSimpleName();
        }
    }

    private void add(Object test, String outcome, String message) throws ReflectiveOperationException {
        Long begun = started.get(test);
        String unique = String.valueOf(call(test, "getLegacyReportingName"));
        String parent = parent(String.valueOf(call(test, "getUniqueId")));
        results.put(new JSONObject()
                .put("name", (parent.isEmpty() ? "" : parent + ".") + unique)
                .put("outcome", outcome)
                .put("message", message.substring(0, Math.min(LONGEST, message.length())))
                .put("milliseconds", begun == null ? 0 : (System.nanoTime() - begun) / 1_000_000));
    }

    /** The simple name of the class that a test stands in. */
    private static String parent(String uniqueId) {
        int at = uniqueId.indexOf("[class:");
        if (at < 0 || !uniqueId.contains("[method:") && !uniqueId.contains("[test-template:")) {
            return "";
        }
        String name = uniqueId.substring(at + 7, uniqueId.indexOf(']', at));
        return name.substring(name.lastIndexOf('.') + 1);
    }

    private static boolean isTest(Object test) throws ReflectiveOperationException {
        return Boolean.TRUE.equals(call(test, "isTest"));
    }

    private static Object call(Object on, String operation) throws ReflectiveOperationException {
        return on.getClass().getMethod(operation).invoke(on);
    }
}
