package hausaufgabe.core.scenario;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.toy.ToyCheck;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Steps and expectations one by one, played by the fake driver. */
class ToyScenarioTest {

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
            abstract Bell
              ring(times)
            type Brass is Bell
              private field rung = 0
              ring(times)
                self.rung = rung + times
                print "dong"
                return rung
            type Quiet is Bell
              ring(times)
                return 0
            type Tower
              private field bells = []
              private field total = 0
              hang(bell)
                add bell to bells
              chime(times)
                sum = 0
                for b in bells
                  sum = sum + b.ring(times)
                self.total = total + sum
                return sum
              total()
                return total
              refuse(why)
                if why is none
                  throw "why"
            """;

    static Stream<Arguments> steps() {
        return TowerSteps.of("ToyError");
    }

    @ParameterizedTest
    @MethodSource("steps")
    void aScenarioEndsAsItsStepsSay(Outcome outcome, String steps) {
        ScenarioResult r = play(PROGRAM, steps.replace("; ", "\n"));

        assertEquals(outcome, r.outcome(), () -> r.explanation() + "" + r.steps());
    }

    @Test
    void whatNobodyCanMakeIsBlockedAndSaysWhy() {
        String closed = PROGRAM.replace("type Tower\n", "type Tower\n  private new()\n    pass\n");

        ScenarioResult r = play(closed, "tower := new Tower\ncall tower.count");

        assertEquals(Outcome.BLOCKED, r.outcome());
        assertTrue(
                r.explanation().plain().contains("No Tower could be made"),
                r.explanation().plain());
    }

    @Test
    void whatIsRefusedWhateverItIsAskedWithBlocksAndSaysByWhom() {
        String closed = PROGRAM.replace(
                "    sum = 0\n",
                "    if times is none\n      throw \"x\"\n    else\n      throw \"no bells today\"\n    sum = 0\n");

        ScenarioResult r = play(
                closed,
                "one := double of Bell\ntower := new Tower with one\ncall tower.rings until one.ring is called");

        assertEquals(Outcome.BLOCKED, r.outcome());
        assertTrue(
                r.explanation().plain().contains("refused every call"),
                r.explanation().plain());
        assertTrue(
                r.explanation().plain().contains("no bells today at Harbour.toy:"),
                r.explanation().plain());
    }

    @Test
    void whatCallsItselfWithoutEndFails() {
        String endless = PROGRAM.replace("    sum = 0\n", "    self.chime(times)\n    sum = 0\n");

        ScenarioResult r = play(
                endless,
                "one := double of Bell\ntower := new Tower with one\ncall tower.rings until one.ring is called");

        assertEquals(Outcome.FAILED, r.outcome());
        assertTrue(
                r.explanation().plain().contains("called itself again and again"),
                r.explanation().plain());
    }

    @Test
    void aNameThatNothingPlaysBlocksBeforeTheStepIsTaken() {
        String none = PROGRAM.replace("    sum = sum + b.ring(times)\n", "    sum = sum + 1\n")
                .replace("type Tower", "type Spire");
        ScenarioResult r = play(none.replace("  hang(bell)\n    add bell to bells\n", ""), "call Tower.rings");

        assertEquals(Outcome.BLOCKED, r.outcome());
        assertTrue(
                r.explanation().plain().contains("No type was found that plays Tower"),
                r.explanation().plain());
    }

    @Test
    void whatIsNeverReachedFailsWithWhatWasCalled() {
        String deaf = PROGRAM.replace(
                "      sum = sum + b.ring(times)\n", "      if times is a Bell\n        sum = sum + b.ring(times)\n");
        String silent = PROGRAM.replace("      sum = sum + b.ring(times)\n", "      sum = sum + 1\n")
                .replace("  total()\n", "  once(bell)\n    return bell.ring(1)\n  total()\n");
        String steps =
                "one := double of Bell\ntower := new Tower\ncall tower.hang with one\ncall tower.rings until one.ring is called";

        assertEquals(Outcome.BLOCKED, play(deaf, steps).outcome());
        assertEquals(
                Outcome.BLOCKED,
                play(silent, "one := double of Bell\ntower := new Tower\ncall tower.rings with tower")
                        .outcome());
    }

    @Test
    void anAnswerThatMakesNoDifferenceFails() {
        String dropped = PROGRAM.replace("sum = sum + b.ring(times)", "rung = b.ring(times)");
        String steps = "one := double of Bell\ntower := new Tower with one\nexpect tower.rings depends on one.ring";

        ScenarioResult r = play(dropped, steps);

        assertEquals(Outcome.FAILED, r.outcome());
        assertTrue(
                r.explanation().plain().contains("its answer does not count"),
                r.explanation().plain());
    }

    @Test
    void theCallsAreKeptInOrder() {
        ScenarioResult r = play(PROGRAM, "one := double of Bell\ntower := new Tower with one\ncall tower.rings with 2");

        List<String> operations =
                r.calls().messages().stream().map(m -> m.operation()).toList();
        assertEquals(List.of("hang", "chime", "ring"), operations);
        assertEquals("tower", r.calls().participants().get(0).name());
    }

    private static ScenarioResult play(String program, String steps) {
        return ToyCheck.of(Patterns.parse(PATTERN + steps.indent(4)), program)
                .scenarios()
                .get(0);
    }
}
