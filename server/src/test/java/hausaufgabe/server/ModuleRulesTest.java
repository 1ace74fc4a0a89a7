package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.spi.ToolProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The arrows between modules and packages, read off the class files by the JDK's own jdeps. None may run backwards. */
class ModuleRulesTest {

    private static final Pattern PACKAGE = Pattern.compile("^ {3}(\\S+) +-> (\\S+)", Pattern.MULTILINE);

    private static final Map<String, List<String>> MAY_USE = Map.of(
            "core", List.of("java.", "hausaufgabe.core."),
            "languages/java",
                    List.of(
                            "java.",
                            "javax.tools",
                            "javax.lang.model",
                            "com.sun.source.",
                            "org.objectweb.asm.",
                            "hausaufgabe.core.",
                            "hausaufgabe.language."),
            "drivers/jvm", List.of("java.", "org.json", "sun.misc", "hausaufgabe.driver"),
            "checking",
                    List.of(
                            "java.",
                            "com.fasterxml.",
                            "picocli",
                            "org.slf4j",
                            "hausaufgabe.core.",
                            "hausaufgabe.language.",
                            "hausaufgabe.checking"));

    /** Where the build puts what the driver's module requires. */
    private static final String DRIVER_LIBRARIES = "../checking/target/classes/hausaufgabe/checking/driver";

    private static final List<String> NOT_IN_CORE =
            List.of("java.io.File", "java.nio.file", "java.net", "java.time.Clock", "java.sql", "java.lang.Process");

    @ParameterizedTest
    @ValueSource(strings = {"core", "languages/java", "drivers/jvm", "checking"})
    void aModuleUsesOnlyWhatItMay(String module) {
        List<String> allowed = MAY_USE.get(module);

        TreeSet<String> wrong = new TreeSet<>();
        for (String[] arrow : arrows(module, "-verbose:package")) {
            if (allowed.stream().noneMatch(p -> (arrow[1] + ".").startsWith(p) || arrow[1].startsWith(p))) {
                wrong.add(arrow[0] + " -> " + arrow[1]);
            }
        }

        assertEquals(new TreeSet<>(), wrong);
    }

    @Test
    void theCoreOpensNoFileAndStartsNoProcess() {
        TreeSet<String> wrong = new TreeSet<>();
        for (String[] arrow : arrows("core", "-verbose:class")) {
            if (NOT_IN_CORE.stream().anyMatch(arrow[1]::startsWith)) {
                wrong.add(arrow[0] + " -> " + arrow[1]);
            }
        }

        assertEquals(new TreeSet<>(), wrong);
    }

    @Test
    void insideTheCoreArrowsRunOneWay() {
        List<String> order =
                List.of("design", "report", "reading", "notation", "catalogue", "marking", "matching", "scenario");

        for (String[] arrow : arrows("core", "-verbose:package")) {
            if (arrow[1].startsWith("hausaufgabe.core.") && !arrow[0].equals(arrow[1])) {
                int from = order.indexOf(last(arrow[0]));
                int to = order.indexOf(last(arrow[1]));
                assertFalse(to > from, arrow[0] + " -> " + arrow[1]);
            }
        }
    }

    @Test
    void featuresOfTheServerDependOnEachOtherOneWay() {
        List<String> order = List.of("account", "course", "exercise", "submission", "review", "grade", "demo");

        for (String[] arrow : arrows("server", "-verbose:package")) {
            int from = order.indexOf(last(arrow[0]));
            int to = order.indexOf(last(arrow[1]));
            boolean features = arrow[1].startsWith("hausaufgabe.server.") && from >= 0 && to >= 0;
            assertFalse(features && to > from, arrow[0] + " -> " + arrow[1]);
        }
    }

    private static String last(String name) {
        return name.substring(name.lastIndexOf('.') + 1);
    }

    private static List<String[]> arrows(String module, String detail) {
        Path classes = Path.of("..").resolve(module).resolve("target/classes");
        if (!Files.isDirectory(classes)) {
            throw new IllegalStateException("build " + module + " first");
        }
        StringWriter out = new StringWriter();
        int status = ToolProvider.findFirst("jdeps")
                .orElseThrow()
                .run(
                        new PrintWriter(out),
                        new PrintWriter(System.err),
                        "--ignore-missing-deps",
                        "--multi-release",
                        "17",
                        "-filter:none",
                        "--module-path",
                        DRIVER_LIBRARIES,
                        detail,
                        classes.toString());
        assertEquals(0, status, out.toString());
        Matcher m = PACKAGE.matcher(out.toString());
        List<String[]> arrows =
                m.results().map(r -> new String[] {r.group(1), r.group(2)}).toList();
        assertFalse(arrows.isEmpty(), "jdeps told nothing of " + module + ":\n" + out);
        return arrows;
    }
}
