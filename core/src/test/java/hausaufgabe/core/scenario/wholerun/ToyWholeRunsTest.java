package hausaufgabe.core.scenario.wholerun;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.notation.Run;
import hausaufgabe.core.notation.RunLimits;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.scenario.wholerun.WholeRuns.Startable;
import hausaufgabe.core.toy.ToyDriver;
import hausaufgabe.core.toy.ToyLanguage;
import java.util.List;
import org.junit.jupiter.api.Test;

class ToyWholeRunsTest {

    private static final String TIDES = """
            type Tides
              static main()
                print "high 3"
                print "low 1"
            """;

    @Test
    void whatIsPrintedIsComparedWithWhatIsExpected() {
        assertEquals(
                Outcome.PASSED,
                run(TIDES, null, "expect output \"high 3\" \"low 1\"").outcome());

        ScenarioResult other = run(TIDES, null, "expect output \"high 4\" \"low 1\"");

        assertEquals(Outcome.FAILED, other.outcome());
        assertTrue(
                other.explanation().plain().contains("output is not as expected"),
                other.explanation().plain());
    }

    @Test
    void aRunIsComparedWithTheStarterCode() {
        String changed = TIDES.replace("low 1", "low 2");

        assertEquals(
                Outcome.PASSED, run(TIDES, TIDES, "expect output as before").outcome());
        assertEquals(
                Outcome.FAILED, run(changed, TIDES, "expect output as before").outcome());
        assertEquals(
                Outcome.BLOCKED, run(changed, null, "expect output as before").outcome());
    }

    @Test
    void itIsSaidWhyNothingCanBeStarted() {
        ScenarioResult none = run("type Tides\n  high()\n    return 3\n", null, "expect output \"3\"");
        ScenarioResult two = run(TIDES + TIDES.replace("Tides", "Winds"), null, "expect output \"3\"");
        ScenarioResult named = run(TIDES, null, "main \"Winds\"\n  expect output \"3\"");

        assertEquals(
                "Nothing in the submission can be started.", none.explanation().plain());
        assertTrue(two.explanation().plain().startsWith("Several can be started: Tides, Winds."));
        assertEquals(Outcome.FAILED, named.outcome());
    }

    private static ScenarioResult run(String submission, String starter, String lines) {
        Run run = Patterns.parse(
                        "pattern tides \"Tides\"\n  \"Prints tides.\"\n\n  run \"a day\" 2\n" + lines.indent(4))
                .runs()
                .get(0);
        return new WholeRuns(RunLimits.USUAL, ToyDriver.source(), () -> 0)
                .run(run, startable(submission), starter == null ? null : startable(starter));
    }

    private static Startable startable(String source) {
        ToyLanguage language = new ToyLanguage();
        Reading reading = language.reader().read(List.of(new SourceFile("Tides.toy", source)));
        return new Startable(reading.design(), language.reader().ready(reading.program()));
    }
}
