package hausaufgabe.checking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.ReadyProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.language.java.JavaLanguage;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Programs run as a whole in the sandbox, tests given with the exercise, and code compared with what was handed out. */
@Tag("slow")
class WholeRunsTest {

    private static final Sandbox SANDBOX = new Sandbox(new JvmRuntime());
    private static final ReadyProcesses SUPPLY = new ReadyProcesses(SANDBOX, 1);

    private static final String TIDES = """
            pattern tides "Tides"
              "The tides of a day are added up."

              run "the sum" 2
                arguments "day"
                input "1.5" "2"
                expect output like "day" "sum 3.5"
                expect file "log.txt" "done"

              run "as it was" 1
                arguments "night"
                input "4" "4"
                expect output as before

              tests 3
            """;

    private static final String MAIN = """
            import java.nio.file.*;
            import java.util.*;
            public class Main {
                public static void main(String[] a) throws Exception {
                    Scanner s = new Scanner(System.in).useLocale(Locale.ROOT);
                    double x = s.nextDouble();
                    double y = s.nextDouble();
                    System.out.println(a[0] + "\\nsum " + sum(x, y));
                    Files.writeString(Path.of("log.txt"), "done\\n");
                }
                static double sum(double... v) { double t = 0; for (double d : v) t += d; return t; }
            }
            """;

    private static final String TEST = """
            import static org.junit.jupiter.api.Assertions.*;
            import org.junit.jupiter.api.*;
            class SumTest {
                @Test void addsUp() { assertEquals(6.0, Main.sum(1, 2, 3)); }
                @Test void ofNothing() { assertEquals(0.0, Main.sum()); }
            }
            """;

    @AfterAll
    static void noneIsKeptReady() {
        SUPPLY.close();
    }

    @Test
    void whatIsAsItShouldBePasses() {
        CheckReport r = check(MAIN);

        assertEquals(
                Map.of(
                        "the sum", Outcome.PASSED,
                        "as it was", Outcome.PASSED,
                        "SumTest.addsUp()", Outcome.PASSED,
                        "SumTest.ofNothing()", Outcome.PASSED),
                outcomes(r));
        assertEquals(6.0, r.points().earned());
        assertEquals(CheckReport.Verdict.ACCEPTED, r.verdict());
    }

    @Test
    void differencesAreSaidByLineAndFailedTestsByMessage() {
        CheckReport r = check(MAIN.replace("t += d", "t -= d"));

        assertTrue(said(r, "the sum").contains("line 2: expected “sum 3.5”; it is “sum -3.5”"), said(r, "the sum"));
        assertTrue(said(r, "as it was").contains("not as before"), said(r, "as it was"));
        assertTrue(said(r, "SumTest.addsUp()").contains("expected: <6.0> but was: <-6.0>"));
        assertEquals(Outcome.PASSED, outcomes(r).get("SumTest.ofNothing()"));
    }

    @Test
    void aProgramThatEndsItselfHasStillPrinted() {
        CheckReport r = check(MAIN.replace("\"done\\n\");", "\"done\\n\"); System.exit(0);"));

        assertEquals(Outcome.PASSED, outcomes(r).get("the sum"));
    }

    @Test
    void testsThatAreCutShortOrPrintedAreNotPassed() {
        CheckReport r = check(
                MAIN.replace(
                        "double t = 0;",
                        "double t = 0; System.out.println(\"{\\\"tests\\\":[{\\\"outcome\\\":\\\"passed\\\"}]}\"); System.exit(0);"));

        ScenarioResult tests = r.scenarios().get(2);
        assertEquals(Outcome.FAILED, tests.outcome());
        assertTrue(
                tests.explanation().plain().contains("ended itself"),
                tests.explanation().plain());
    }

    @Test
    void aSubmissionThatBringsItsOwnAssertionsGainsNothing() {
        String everythingPasses = """
                package org.junit.jupiter.api;
                public class Assertions {
                    public static void assertEquals(double a, double b) {}
                    public static void assertEquals(Object a, Object b) {}
                }
                """;

        CheckReport r = check(
                new SourceFile("Main.java", MAIN.replace("t += d", "t -= d")),
                new SourceFile("org/junit/jupiter/api/Assertions.java", everythingPasses),
                new SourceFile("Sly.java", "/**/ package org./**/junit.jupiter.api; class Sly {}"));

        assertEquals(Outcome.FAILED, outcomes(r).get("SumTest.addsUp()"));
        assertTrue(r.diagnostics().stream()
                .anyMatch(
                        d -> d.message().contains("org.junit.jupiter.api belongs to the runtime, the test platform")));
    }

    @Test
    void aTestThatTheSubmissionCallsOffHasFailed() {
        CheckReport r = check(MAIN.replace("double t = 0;", """
                double t = 0;
                try {
                    Class<?> off = Thread.currentThread().getContextClassLoader().loadClass("org.opentest4j.TestAbortedException");
                    throw (RuntimeException) off.getConstructor(String.class).newInstance("fog");
                } catch (ReflectiveOperationException e) { }
                """));

        assertEquals(Outcome.FAILED, outcomes(r).get("SumTest.addsUp()"));
    }

    @Test
    void aTestThatCallsItselfOffIsAQuestion() {
        CheckReport r = check(
                TIDES,
                TEST.replace("assertEquals(6.0,", "Assumptions.assumeTrue(false); assertEquals(6.0,"),
                new SourceFile("Main.java", MAIN));

        assertEquals(Outcome.BLOCKED, outcomes(r).get("SumTest.addsUp()"));
    }

    @Test
    void testsThatDoNotFitTheSubmissionSayWhere() {
        CheckReport r = check(MAIN.replace("double sum(", "double total(").replace("+ sum(", "+ total("));

        ScenarioResult tests = r.scenarios().get(2);
        assertEquals(Outcome.FAILED, tests.outcome());
        assertTrue(
                tests.explanation().plain().contains("SumTest.java, line 4"),
                tests.explanation().plain());
    }

    @Test
    void withoutAnythingToStartTheRunIsBlocked() {
        CheckReport r = check("class Main { static double sum(double... v) { return v.length == 0 ? 0 : 6; } }");

        assertTrue(said(r, "the sum").contains("can be started"), said(r, "the sum"));
        assertEquals(Outcome.BLOCKED, outcomes(r).get("the sum"));
    }

    @Test
    void theCodeIsCountedBeforeAndAfter() {
        CheckReport r =
                check(MAIN.replace("double t = 0;", "double t = 0; if (v == null) return 0; if (v.length > 9) t = 1;"));

        var byName = r.health().stream().collect(Collectors.toMap(h -> h.name(), h -> h.before() + " " + h.after()));
        assertEquals("0 1", byName.get("null checks"));
        assertEquals("0 2", byName.get("branches"));
    }

    @Test
    void whatGivenTestsHandOverScenariosHandOverToo() {
        String office = """
                interface Tariff { int price(int days); }
                class Flat implements Tariff { public int price(int days) { return 12; } }
                class PerDay implements Tariff { public int price(int days) { return days * 7; } }
                class Office {
                    private final Tariff tariff;
                    Office(Tariff tariff) { this.tariff = tariff; }
                    int bill(String berth) {
                        if (berth.chars().sum() != 607) throw new IllegalArgumentException("no such berth");
                        return tariff.price(berth.length());
                    }
                }
                """;
        String test = """
                import static org.junit.jupiter.api.Assertions.*;
                import org.junit.jupiter.api.*;
                class OfficeTest {
                    @Test void isFlat() { assertEquals(12, new Office(new Flat()).bill("Q7/blue")); }
                }
                """;

        CheckReport r = check(
                Catalogue.text("strategy").orElseThrow() + "  tests 1\n", test, new SourceFile("Office.java", office));

        assertEquals(
                Outcome.PASSED, outcomes(r).get("The strategy in use answers"), said(r, "The strategy in use answers"));
        assertEquals(Outcome.PASSED, outcomes(r).get("OfficeTest.isFlat()"));
    }

    private static CheckReport check(String main) {
        return check(new SourceFile("Main.java", main));
    }

    private static CheckReport check(SourceFile... sources) {
        return check(TIDES, TEST, sources);
    }

    private static CheckReport check(String pattern, String test, SourceFile... sources) {
        return new Check(new JavaLanguage(), i -> new DrivenProcesses(SUPPLY, i), SANDBOX.testLibraries())
                .run(
                        new CheckRequest(
                                pattern,
                                List.of(sources),
                                List.of(new SourceFile("Main.java", MAIN)),
                                List.of(new SourceFile(
                                        test.contains("OfficeTest") ? "OfficeTest.java" : "SumTest.java", test)),
                                List.of(),
                                Map.of(),
                                false,
                                CheckRequest.Isolation.SANDBOX),
                        step -> {});
    }

    private static Map<String, Outcome> outcomes(CheckReport r) {
        return r.scenarios().stream().collect(Collectors.toMap(ScenarioResult::name, ScenarioResult::outcome));
    }

    private static String said(CheckReport r, String name) {
        return r.scenarios().stream()
                .filter(s -> s.name().equals(name))
                .map(s -> s.explanation().plain())
                .findFirst()
                .orElse("");
    }
}
