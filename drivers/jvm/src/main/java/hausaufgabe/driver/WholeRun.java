package hausaufgabe.driver;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.json.JSONArray;
import org.json.JSONObject;

/** A program run as a whole, from its main operation, with what it is given to read. */
final class WholeRun {

    private static final int FILES = 20;
    private static final int LONGEST = 64 << 10;

    private final String input;
    private final Set<Thread> before = Thread.getAllStackTraces().keySet();

    WholeRun(String input) {
        this.input = input;
    }

    void run(Class<?> type, JSONArray given) throws Throwable {
        System.setIn(new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8)));
        String[] arguments = new String[given.length()];
        for (int i = 0; i < arguments.length; i++) {
            arguments[i] = given.getString(i);
        }
        Method main = null;
        for (Class<?> t = type; t != null && main == null; t = t.getSuperclass()) {
            for (Method m : t.getDeclaredMethods()) {
                boolean fits = m.getName().equals("main")
                        && Modifier.isStatic(m.getModifiers())
                        && m.getParameterCount() == 1
                        && m.getParameterTypes()[0] == String[].class;
                main = fits ? m : main;
            }
        }
        if (main == null) {
            throw new NoSuchMethodException("main");
        }
        main.setAccessible(true);
        main.invoke(null, (Object) arguments);
    }

    /** Whether something that the program started has not ended with it. */
    boolean isStillRunning() {
        for (Thread t : Thread.getAllStackTraces().keySet()) {
            if (!before.contains(t)
                    && t.getThreadGroup() == Thread.currentThread().getThreadGroup()) {
                return true;
            }
        }
        return false;
    }

    /** What is there at the end: the files written, and whether the program ended itself. */
    JSONObject left(boolean ended) {
        JSONObject files = new JSONObject();
        try (Stream<Path> all = Files.walk(Path.of("").toAbsolutePath(), 4)) {
            List<Path> found = all.filter(Files::isRegularFile).sorted().toList();
            for (Path p : found.subList(0, Math.min(FILES, found.size()))) {
                byte[] content = Files.readAllBytes(p);
                files.put(
                        Path.of("").toAbsolutePath().relativize(p).toString(),
                        new String(content, 0, Math.min(content.length, LONGEST), StandardCharsets.UTF_8));
            }
        } catch (IOException | RuntimeException e) {
            // what cannot be read is not there
        }
        return new JSONObject().put("files", files).put("ended", ended);
    }
}
