package hausaufgabe.checking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.ReadyProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.scenario.TowerSteps;
import hausaufgabe.language.java.JavaLanguage;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Steps and expectations one by one, played in the sandbox against a small program. */
@Tag("slow")
class ScenarioStepsTest {

    private static final ReadyProcesses SUPPLY = new ReadyProcesses(new Sandbox(new JvmRuntime()), 1);

    private static final String PATTERN = """
            pattern bells "Bells"
              "A tower rings bells."

              role Bell an abstraction
              role ConcreteBell every concrete type that realises Bell
              role Tower a class that holds Bell

              member ring every operation of Bell that is abstract
              member bells field of Tower that leads to Bell
              member rings every operation of Tower that calls ring
              member count every operation of Tower that does not take something and returns something
              member hang every operation of Tower that adds to bells
              member refuse every operation of Tower that does not call ring and takes something and does not add to bells

              require held essential 1 "{Tower} holds {Bell}."
                some rings calls ring
                at least 1 ConcreteBell realise Bell

              scenario "played" 1
            """;

    private static final String PROGRAM = """
            import java.util.*;
            interface Bell { int ring(int times); }
            class Brass implements Bell { private int rung; public int ring(int times) { rung += times; System.out.println("dong"); return rung; } }
            class Quiet implements Bell { public int ring(int times) { return 0; } }
            class Tower {
              private final List<Bell> bells = new ArrayList<>();
              private int total;
              void hang(Bell b) { bells.add(b); }
              int chime(int times) { int sum = 0; for (Bell b : bells) sum += b.ring(times); total += sum; return sum; }
              int total() { return total; }
              void refuse(String why) { if (why == null || why.isEmpty()) throw new IllegalArgumentException("why"); }
            }
            """;

    @AfterAll
    static void noneIsKeptReady() {
        SUPPLY.close();
    }

    static Stream<Arguments> steps() {
        return TowerSteps.of("IllegalArgumentException");
    }

    @ParameterizedTest
    @MethodSource("steps")
    void aScenarioEndsAsItsStepsSay(Outcome outcome, String steps) {
        ScenarioResult r = play(PROGRAM, steps.replace("\"", "\"").replace("; ", "\n"));

        assertEquals(outcome, r.outcome(), () -> r.explanation().plain() + r.steps());
    }

    @Test
    void whatNobodyCanMakeIsBlockedAndSaysWhy() {
        String closed = PROGRAM.replace("private int total;", "private int total; private Tower() {}");

        ScenarioResult r = play(closed, "tower := new Tower\ncall tower.count");

        assertEquals(Outcome.BLOCKED, r.outcome());
        assertTrue(
                r.explanation().plain().contains("No Tower could be made"),
                r.explanation().plain());
    }

    /** The tower as it keeps what it was told, which is of some type. */
    private static String keeping(String type) {
        return PROGRAM.replace("int total() { return total; }", type + " seen; Object total() { return seen; }")
                .replaceAll(
                        "void refuse.*",
                        java.util.regex.Matcher.quoteReplacement("void refuse(" + type + " told) { seen = told; }"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "long",
                "double",
                "short",
                "Integer",
                "Number",
                "Object",
                "java.math.BigDecimal",
                "java.math.BigInteger"
            })
    void aNumberFitsWhateverTheParameterIs(String type) {
        ScenarioResult r = play(
                keeping(type),
                "tower := new Tower\ncall tower.refuse with -12\nn := call tower.count\nexpect n is -12");

        assertEquals(Outcome.PASSED, r.outcome(), () -> r.explanation().plain() + r.steps());
    }

    @ParameterizedTest
    @ValueSource(strings = {"String", "CharSequence", "Object", "Comparable<String>"})
    void aTextIsATextAndNoNumber(String type) {
        String told = "tower := new Tower\ncall tower.refuse with \"01\"\nn := call tower.count\n";

        ScenarioResult same = play(keeping(type), told + "expect n is \"01\"");
        ScenarioResult other = play(keeping(type), told + "expect n is \"1\"");

        assertEquals(Outcome.PASSED, same.outcome(), same.explanation().plain());
        assertEquals(Outcome.FAILED, other.outcome(), other.explanation().plain());
    }

    @Test
    void nothingFitsATypeWithASmallNameOfItsOwn() {
        String program = keeping("bell").replace("interface Bell", "class bell {}\ninterface Bell");

        ScenarioResult r = play(
                program, "tower := new Tower\ncall tower.refuse with null\nn := call tower.count\nexpect n is null");

        assertEquals(Outcome.PASSED, r.outcome(), r.explanation().plain());
    }

    @Test
    void whatDoesNotFitAFieldIsNotSetAndThatIsSaid() {
        ScenarioResult r = play(PROGRAM, "tower := new Tower\nset tower.bells to 12\ncall tower.count");

        assertEquals(Outcome.BLOCKED, r.outcome());
        assertTrue(
                r.explanation().plain().contains("12 is none, so it was not set"),
                r.explanation().plain());
    }

    @Test
    void anExpectedErrorIsLookedForOnce() {
        String program = PROGRAM.replaceAll(
                "void refuse.*",
                "int asked; void refuse(String why) { if (asked++ == 0) throw new IllegalStateException(why); }");

        ScenarioResult r =
                play(program, "tower := new Tower\nexpect call tower.refuse to throw \"IllegalStateException\"");

        assertEquals(Outcome.PASSED, r.outcome(), r.explanation().plain());
    }

    @Test
    void forEveryCaseIsPassedOnlyWhenAllDid() {
        String program = PROGRAM.replace(
                "class Quiet implements Bell { ",
                "class Quiet implements Bell { Quiet(Thread.State s, java.sql.Connection c) { throw new IllegalStateException(); } ");
        String steps = "for every ConcreteBell\nbell := new ConcreteBell\ncall bell.ring";

        ScenarioResult r = play(program, steps);

        assertEquals(Outcome.BLOCKED, r.outcome(), r.explanation().plain());
        assertTrue(
                r.explanation().plain().startsWith("Held for 1 of 2 cases. Not tried to the end: Quiet."),
                r.explanation().plain());
        assertEquals(Outcome.PASSED, play(PROGRAM, steps).outcome());
    }

    @Test
    void aDoubleIsAskedByTheThreadThatAsksIt() {
        String program = PROGRAM.replace(
                "int sum = 0; for (Bell b : bells) sum += b.ring(times); total += sum; return sum;",
                "Thread t = new Thread(() -> bells.forEach(b -> b.ring(times)));"
                        + " t.start(); try { t.join(); } catch (InterruptedException e) { } return 0;");

        ScenarioResult r = play(program, "one := double of Bell\ntower := new Tower with one\ncall tower.rings with 2");

        var ring = r.calls().messages().stream()
                .filter(m -> m.operation().equals("ring"))
                .findFirst()
                .orElseThrow();
        assertNotEquals(0, ring.thread());
    }

    @Test
    void aProgramThatRefusesEverythingIsSaidToInTheFirstLine() {
        String program = PROGRAM.replace(
                "int sum = 0; for",
                "if (times != 4711_4711) throw new IllegalArgumentException(\"fog\"); int sum = 0; for");

        ScenarioResult r = play(
                program,
                "one := double of Bell\ntower := new Tower with one\ncall tower.rings until one.ring is called");

        assertEquals(Outcome.BLOCKED, r.outcome());
        assertTrue(
                r.explanation().plain().startsWith("The program refused every call that was tried: tower.chime("),
                r.explanation().plain());
        assertTrue(
                r.explanation().plain().contains("IllegalArgumentException: fog at Bells.java:9"),
                r.explanation().plain());
    }

    @Test
    void aProgramThatNeverComesBackByItsOwnDoingHasFailed() {
        String program =
                PROGRAM.replace("int sum = 0; for", "if (times != 4711_4711) return chime(times); int sum = 0; for");

        ScenarioResult r = play(
                program,
                "one := double of Bell\ntower := new Tower with one\ncall tower.rings until one.ring is called");

        assertEquals(Outcome.FAILED, r.outcome());
        assertTrue(
                r.explanation().plain().contains("called itself again and again without end"),
                r.explanation().plain());
    }

    @Test
    void whateverAValueIsLittleOfItIsKept() {
        String program = PROGRAM.replace("int total() { return total; }", """
                        Object total() { return text; }
                        String text = "x".repeat(3_000_000);
                        StringBuilder builder = new StringBuilder(text);
                        java.math.BigInteger huge = java.math.BigInteger.TWO.pow(5_000_000);
                        List<Object> all = new ArrayList<>(Collections.nCopies(900, builder));
                        """);

        ScenarioResult r = play(
                program,
                "tower := new Tower\nremember tower\nn := call tower.count\nexpect tower is unchanged\nexpect n is \"y\"");

        assertEquals(Outcome.FAILED, r.outcome(), r.explanation().plain());
        int kept = r.steps().stream().mapToInt(l -> l.text().plain().length()).sum()
                + r.explanation().plain().length();
        assertTrue(kept < 20_000, () -> "kept " + kept);
    }

    @Test
    void longTextsThatBeginAlikeAreStillToldApart() {
        String program = PROGRAM.replace(
                "int total() { return total; }", "int n; String total() { return \"x\".repeat(5_000) + n++; }");

        ScenarioResult r =
                play(program, "tower := new Tower\na := call tower.count\nb := call tower.count\nexpect a is not b");

        assertEquals(Outcome.PASSED, r.outcome(), r.explanation().plain());
    }

    @Test
    void otherValuesAreNotTheOnesTriedFirst() {
        ScenarioResult r = play(
                PROGRAM,
                "one := double of Bell\ntower := new Tower with one\n"
                        + "call tower.rings\ncall tower.rings\ncall tower.rings with other values");

        List<String> calls = r.steps().stream()
                .map(l -> l.text().plain())
                .filter(t -> t.contains("chime("))
                .toList();
        assertEquals(3, calls.size(), calls.toString());
        assertEquals(calls.get(0), calls.get(1));
        assertNotEquals(calls.get(0), calls.get(2));
    }

    @Test
    void otherValuesThatAreAllRefusedComeRoundToTheFirst() {
        String once = PROGRAM.replace(
                "if (why == null || why.isEmpty())", "if (first == null) first = why; if (!first.equals(why))");

        ScenarioResult r = play(
                once.replace("int total;", "int total; private String first;"),
                "tower := new Tower\ncall tower.refuse\ncall tower.refuse with other values\nexpect no error");

        assertEquals(Outcome.PASSED, r.outcome(), r.explanation().plain());
    }

    @Test
    void whatIsLeftToChanceVaries() {
        String random = PROGRAM.replace("return total;", "return new Random().nextInt();");

        ScenarioResult r =
                play(random, "tower := new Tower\nn := call tower.count\nexpect n is between 0 and 2000000000");

        assertTrue(r.outcome() != Outcome.FAILED || !r.explanation().plain().isEmpty());
        assertTrue(
                r.outcome() != Outcome.BLOCKED || r.explanation().plain().startsWith("It varies"),
                r.explanation().plain());
    }

    @Test
    void theCallsAreKeptInOrder() {
        ScenarioResult r = play(PROGRAM, "one := double of Bell\ntower := new Tower with one\ncall tower.rings with 2");

        List<String> operations =
                r.calls().messages().stream().map(m -> m.operation()).toList();
        assertEquals(List.of("new", "hang", "chime", "ring"), operations);
        assertEquals("tower", r.calls().participants().get(0).name());
        assertEquals(
                r.calls().messages().get(2).to(), r.calls().messages().get(3).from());
    }

    private static ScenarioResult play(String program, String steps) {
        CheckReport r = new Check(new JavaLanguage(), i -> new DrivenProcesses(SUPPLY, i), List.of())
                .run(
                        new CheckRequest(
                                PATTERN + steps,
                                List.of(new SourceFile("Bells.java", program)),
                                List.of(),
                                Map.of(),
                                false,
                                CheckRequest.Isolation.SANDBOX),
                        step -> {});
        assertTrue(r.compiled(), () -> r.diagnostics().toString());
        return r.scenarios().get(0);
    }
}
