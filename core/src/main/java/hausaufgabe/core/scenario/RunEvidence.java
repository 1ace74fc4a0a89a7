package hausaufgabe.core.scenario;

import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Makes one verdict of reading and running: what reading left open, runs settle, and what they contradict does not hold,
 * however it reads.
 */
public final class RunEvidence {

    private RunEvidence() {}

    /** What was found by reading, with what the scenarios that speak for it came to. */
    public static List<Finding> settled(DesignPattern pattern, List<Finding> read, List<ScenarioResult> run) {
        return read.stream()
                .map(f -> f.status() == Status.NOT_APPLICABLE
                        ? f
                        : settled(
                                f,
                                of(pattern, run, s -> s.shows().contains(f.id())),
                                of(pattern, run, s -> s.settles().contains(f.id()))))
                .toList();
    }

    private static List<ScenarioResult> of(
            DesignPattern pattern, List<ScenarioResult> run, Predicate<Scenario> speaks) {
        List<String> names =
                pattern.scenarios().stream().filter(speaks).map(Scenario::name).toList();
        return run.stream().filter(r -> names.contains(r.name())).toList();
    }

    /** @param favouring those that only ever speak for it */
    private static Finding settled(Finding read, List<ScenarioResult> showing, List<ScenarioResult> favouring) {
        List<ScenarioResult> speaking = Stream.concat(
                        showing.stream(), favouring.stream().filter(r -> r.outcome() == Outcome.PASSED))
                .toList();
        Finding f = read.spokenForBy(speaking.stream().map(ScenarioResult::name).toList());
        Optional<ScenarioResult> against =
                showing.stream().filter(r -> r.outcome() == Outcome.FAILED).findFirst();
        if (against.isPresent() && (f.status() == Status.MET || f.status() == Status.UNCLEAR)) {
            Sentence why =
                    Sentence.words("Run, it does not hold:").then(against.get().explanation());
            return f.settled(Status.UNMET, 0, why);
        }
        boolean shown = !speaking.isEmpty() && speaking.stream().allMatch(r -> r.outcome() == Outcome.PASSED);
        return shown && f.status() == Status.UNCLEAR
                ? f.settled(Status.MET, f.possible(), Sentence.words("Run, it holds."))
                : f;
    }
}
