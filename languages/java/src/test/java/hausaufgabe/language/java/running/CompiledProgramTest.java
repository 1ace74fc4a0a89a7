package hausaufgabe.language.java.running;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.driver.Program;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.language.java.JavaReader;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.junit.jupiter.api.Test;

/** Classes made ready are loaded here, and what they tell is looked at. */
class CompiledProgramTest {

    private static final String HARBOUR = """
            import java.util.function.*;
            interface Bell { int ring(String who, long times); default int twice() { return ring("both", 2) * 2; } }
            abstract class Tower {
                final String name; Tower(String name) { this.name = name; }
                protected abstract double height();
                double above(double sea) { return height() - sea; }
                public String toString() { return name; }
            }
            final class Closed { }
            sealed interface Shut permits Only { } record Only() implements Shut { }
            class Loops {
                static long sum(int n) { long s = 0; while (true) { if (n == 0) return s; s += n--; } }
                double odd(boolean b, double d, Object o) { for (String s : new String[] {"x", "yy"}) { if (s.length() > 1 && b) { d += s.length(); } } return d; }
                int thrown(int x) { try { return inner(x); } catch (IllegalStateException e) { return -1; } finally { x++; } }
                private int inner(int x) { if (x > 350) throw new IllegalStateException("too much"); return x; }
            }
            """;

    private final List<String> told = new ArrayList<>();
    private final Map<String, byte[]> parts = new HashMap<>();
    private final Program program;
    private final ClassLoader loader = new ClassLoader(null) {
        @Override
        protected Class<?> findClass(String name) throws ClassNotFoundException {
            byte[] bytes = parts.get(name);
            if (bytes == null) {
                throw new ClassNotFoundException(name);
            }
            return defineClass(name, bytes, 0, bytes.length);
        }
    };

    CompiledProgramTest() throws ReflectiveOperationException {
        JavaReader reader = new JavaReader();
        program = reader.ready(
                reader.read(List.of(new SourceFile("Harbour.java", HARBOUR))).program());
        parts.putAll(program.parts());
        Class<?> tracer = loader.loadClass(program.tracer());
        BiFunction<Object, Object[], Object> to = (self, what) -> {
            told.add(what[0] + " " + what[1]);
            Object answer = null;
            if (what[1].toString().endsWith("int")) {
                answer = 7;
            } else if (what[1].toString().endsWith("double")) {
                answer = 2.5;
            }
            return answer;
        };
        tracer.getField("to").set(null, to);
        tracer.getField("open").setBoolean(null, true);
    }

    @Test
    void whatIsListenedToComesToTheSame() throws Exception {
        Object loops = made("Loops");

        assertEquals(55L, call(null, "Loops", "sum", 10));
        assertEquals(5.5, call(loops, "Loops", "odd", true, 3.5, null));
        assertEquals(12, call(loops, "Loops", "thrown", 12));
        assertEquals(-1, call(loops, "Loops", "thrown", 400));
        assertTrue(told.contains("entered Loops.sum(int)long"), told.toString());
        assertTrue(told.contains("left Loops.thrown(int)int"), told.toString());
        assertTrue(told.contains("threw Loops.inner(int)int"), told.toString());
        assertTrue(told.contains("entered Loops.new()"), told.toString());
    }

    @Test
    void aDoubleOfAnInterfaceAsksAndItsOwnOperationsRun() throws Exception {
        Object bell = made(doubleOf("Bell"));

        assertEquals(14, call(bell, "Bell", "twice"));
        assertTrue(told.contains("asked ring(java.lang.String,long)int"), told.toString());
        assertEquals("Bell", bell.toString());
    }

    @Test
    void aDoubleOfAnAbstractClassIsMadeAsThatIs() throws Exception {
        Constructor<?> c = loader.loadClass(doubleOf("Tower")).getConstructor(String.class);
        Object tower = c.newInstance("north");

        assertEquals(1.5, call(tower, "Tower", "above", 1.0));
        assertEquals("north", tower.toString());
    }

    @Test
    void aLibrarysFunctionTypeCanBeDoubledToo() throws Exception {
        Object f = made(doubleOf("java.util.function.ToIntFunction"));

        Method m = loader.loadClass("java.util.function.ToIntFunction").getMethod("applyAsInt", Object.class);
        assertEquals(7, m.invoke(f, "x"));
    }

    @Test
    void whatIsClosedHasNoDouble() {
        assertTrue(program.doubleOf("Closed").isEmpty());
        assertTrue(program.doubleOf("Only").isEmpty());
        assertTrue(program.doubleOf("java.lang.String").isEmpty());
    }

    @Test
    void whatTheCodeMentionsIsKnown() {
        assertEquals(List.of("350"), program.numbers("Loops"));
        assertEquals(List.of("x", "yy", "too much"), program.texts("Loops"));
    }

    private String doubleOf(String type) {
        Program.Part part = program.doubleOf(type).orElseThrow();
        parts.put(part.name(), part.content());
        return part.name();
    }

    private Object made(String type) throws ReflectiveOperationException {
        Constructor<?> c = loader.loadClass(type).getDeclaredConstructor();
        c.setAccessible(true);
        return c.newInstance();
    }

    private Object call(Object on, String type, String name, Object... arguments) throws Exception {
        for (Method m : loader.loadClass(type).getDeclaredMethods()) {
            if (m.getName().equals(name)) {
                m.setAccessible(true);
                try {
                    return m.invoke(on, arguments);
                } catch (InvocationTargetException e) {
                    throw new IllegalStateException(e.getCause());
                }
            }
        }
        throw new NoSuchMethodException(name);
    }

    @Test
    void textsAreMadeInTheShapesThatTheCodeAsksFor() {
        String guards = """
                class Berth {
                    private static final java.util.regex.Pattern FORM = java.util.regex.Pattern.compile("[A-F]-\\\\d{3}");
                    boolean fits(String s) { return FORM.matcher(s).matches(); }
                }
                class Account {
                    boolean fits(String s) { return s.startsWith("K-") && s.length() == 8; }
                }
                class Line {
                    boolean fits(String s) { String[] parts = s.split(";"); return parts.length == 3; }
                }
                class Endless { boolean fits(String s) { return s.matches("((a{900}){900}){900}"); } }
                class Plain { int length(String s) { return s.length(); } }
                """;
        JavaReader reader = new JavaReader();
        Program p = reader.ready(
                reader.read(List.of(new SourceFile("Guards.java", guards))).program());

        List<String> berths = p.shapedTexts("Berth");
        assertTrue(berths.size() > 1 && berths.stream().allMatch(t -> t.matches("[A-F]-\\d{3}")), berths::toString);
        assertTrue(p.shapedTexts("Account").get(0).matches("K-.{6}"));
        assertTrue(p.shapedTexts("Account").contains("K-117203"));
        assertTrue(p.shapedTexts("Line").stream().allMatch(t -> t.split(";").length == 3));
        assertEquals(List.of(), p.shapedTexts("Endless"));
        assertEquals(List.of(), p.shapedTexts("Plain"));
    }
}
