package hausaufgabe.core.scenario.wholerun;

import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.Answer.TestOutcome;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.notation.RunLimits;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Line;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.transcript.ErrorText;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Test classes that come with an exercise. Their points are shared out evenly. */
public final class GivenTests {

    private static final Pattern EXPECTED = Pattern.compile("expected: <(.*)> but was: <(.*)>", Pattern.DOTALL);

    private static final String ALL = "The tests that come with the exercise";

    private GivenTests() {}

    /**
     * @param program the submission with the tests
     * @param classes names of the test classes
     * @param points what all are worth together
     */
    public static List<ScenarioResult> run(
            Program program, List<String> classes, double points, RunLimits limits, Driver.Source drivers) {
        if (drivers.exhausted()) {
            return none(Outcome.BLOCKED, "The time allowed for running this submission was used up before.", points);
        }
        try (Driver driver = drivers.open(limits)) {
            driver.ask(new Request.Load(program));
            Answer a = driver.ask(new Request.Tests(classes));
            if (a.thrown() != null) {
                return none(Outcome.BLOCKED, "The tests could not be run: " + ErrorText.of(a.thrown()) + ".", points);
            }
            if (a.tests().isEmpty()) {
                return none(Outcome.BLOCKED, "There is no test among them.", points);
            }
            return results(a.tests(), points);
        } catch (DriverLost lost) {
            Outcome outcome = lost.reason() == DriverLost.Reason.NOT_STARTED ? Outcome.BLOCKED : Outcome.FAILED;
            return none(outcome, lost.getMessage(), points);
        }
    }

    /** One result for all, where they could not be run one by one. */
    public static List<ScenarioResult> none(Outcome outcome, String why, double points) {
        return List.of(new ScenarioResult(
                ALL, outcome, Sentence.words(why), List.of(), null, null, points, Marking.earned(outcome, points), 0));
    }

    private static List<ScenarioResult> results(List<TestOutcome> tests, double points) {
        List<ScenarioResult> results = new ArrayList<>();
        double each = points / tests.size();
        for (TestOutcome t : tests) {
            Outcome outcome = switch (t.outcome()) {
                case "passed" -> Outcome.PASSED;
                case "failed" -> Outcome.FAILED;
                default -> Outcome.BLOCKED;
            };
            Sentence why = outcome == Outcome.PASSED
                    ? Sentence.words("The test passed.")
                    : Sentence.words(
                            t.message().isBlank() ? "The test " + t.outcome() + "." : ErrorText.shortened(t.message()));
            List<Line> lines = outcome == Outcome.PASSED
                    ? List.of()
                    : List.of(new Line(LineKind.EXPECTED, 0, why, outcome == Outcome.FAILED ? false : null));
            results.add(new ScenarioResult(
                    t.name(),
                    outcome,
                    why,
                    lines,
                    null,
                    comparison(t.message()),
                    each,
                    Marking.earned(outcome, each),
                    t.milliseconds()));
        }
        return results;
    }

    /** What a test expected beside what came, where its message says both as test libraries do; else null. */
    private static ScenarioResult.@Nullable Comparison comparison(String message) {
        Matcher both = EXPECTED.matcher(message);
        return both.find() ? new ScenarioResult.Comparison("value", both.group(1), both.group(2)) : null;
    }
}
