package hausaufgabe.core.scenario;

import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Makes one verdict of reading and running: what reading left open, runs settle, and what they contradict does not hold,
 * however it reads.
 */
public final class RunEvidence {

    private RunEvidence() {}

    /** What was found by reading, with what the scenarios that speak for it came to. */
    public static List<Finding> settled(DesignPattern pattern, List<Finding> read, List<ScenarioResult> run) {
        return read.stream()
                .map(f -> settled(f, speaking(pattern, f.id(), run)))
                .toList();
    }

    private static List<ScenarioResult> speaking(DesignPattern pattern, String requirement, List<ScenarioResult> run) {
        List<ScenarioResult> speaking = new ArrayList<>();
        for (Scenario s : pattern.scenarios()) {
            if (s.shows().contains(requirement)) {
                run.stream().filter(r -> r.name().equals(s.name())).forEach(speaking::add);
            }
        }
        return speaking;
    }

    private static Finding settled(Finding read, List<ScenarioResult> speaking) {
        if (read.status() == Status.NOT_APPLICABLE) {
            return read;
        }
        Finding f = read.spokenForBy(speaking.stream().map(ScenarioResult::name).toList());
        Optional<ScenarioResult> against =
                speaking.stream().filter(r -> r.outcome() == Outcome.FAILED).findFirst();
        boolean open = f.status() == Status.MET || f.status() == Status.UNCLEAR;
        if (against.isPresent() && open) {
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
