package hausaufgabe.checking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.Supply;
import hausaufgabe.core.reading.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.language.java.JavaReader;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Steps and expectations one by one, played in the sandbox against a small program. */
class ScenarioStepsTest {

    private static final Supply SUPPLY = new Supply(new Sandbox(), 1);

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
        String tower = "one := double of Bell answering ring with 4; two := double of Bell;"
                + " tower := new Tower; call tower.hang with one; call tower.hang with two; ";
        return Stream.of(
                arguments(Outcome.PASSED, tower + "call tower.rings with 2; expect one.ring called once"),
                arguments(Outcome.FAILED, tower + "call tower.rings with 2; expect one.ring never called"),
                arguments(Outcome.PASSED, tower + "call tower.rings with 2; expect one.ring called with 2"),
                arguments(Outcome.FAILED, tower + "call tower.rings with 2; expect one.ring called with 3"),
                arguments(Outcome.PASSED, tower + "call tower.rings; call tower.rings; expect one.ring called 2 times"),
                arguments(Outcome.FAILED, tower + "call tower.rings; expect one.ring called 2 times"),
                arguments(Outcome.PASSED, tower + "call tower.rings; expect one.ring, two.ring called in this order"),
                arguments(Outcome.FAILED, tower + "call tower.rings; expect two.ring, one.ring called in this order"),
                arguments(
                        Outcome.PASSED,
                        "one := double of Bell answering ring with 4; tower := new Tower with one;"
                                + " sum := call tower.rings; expect sum is 4; expect sum is between 3 and 5;"
                                + " expect sum is one of 1, 4; expect sum is not 5"),
                arguments(
                        Outcome.FAILED,
                        "one := double of Bell answering ring with 4; tower := new Tower with one;"
                                + " sum := call tower.rings; expect sum is between 5 and 9"),
                arguments(
                        Outcome.FAILED,
                        "one := double of Bell answering ring with 4; tower := new Tower with one;"
                                + " sum := call tower.rings; expect sum is null"),
                arguments(
                        Outcome.PASSED,
                        "tower := new Tower; repeat 3 times n := call tower.count; expect n is 0; remember tower;"
                                + " expect tower is unchanged"),
                arguments(Outcome.FAILED, tower + "remember tower; call tower.rings with 3; expect tower is unchanged"),
                arguments(
                        Outcome.PASSED,
                        "tower := new Tower; expect call tower.refuse with null to throw \"IllegalArgumentException\""),
                arguments(Outcome.FAILED, "tower := new Tower; expect call tower.refuse with \"fog\" to throw"),
                arguments(
                        Outcome.PASSED,
                        "capture output; for some ConcreteBell as b call b.ring; expect output \"dong\""),
                arguments(
                        Outcome.FAILED,
                        "capture output; for each ConcreteBell as b call b.ring with 1; expect no output"),
                arguments(
                        Outcome.PASSED,
                        "one := double of Bell; first := new Tower with one; call first.anything until one.ring is called;"
                                + " second := new Tower; do the same to second; expect no error"),
                arguments(
                        Outcome.PASSED,
                        tower
                                + "in parallel by 4 threads all := call tower.rings with 1; expect one.ring called 4 times"),
                arguments(
                        Outcome.PASSED,
                        tower + "call tower.rings with 2; expect one heard the same as two; first := new Tower;"
                                + " second := new Tower; expect first is not the same as second;"
                                + " expect first is the same as first"));
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
        CheckReport r = new Check(new JavaReader(), i -> new DrivenProcesses(SUPPLY, i), List.of())
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
