package hausaufgabe.checking.exercise;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.CheckReport.Verdict;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether a solution is judged as its exercise says it must be.
 *
 * @param verdict what was found
 * @param caught ids of the requirements that do not hold and names of the scenarios that failed
 * @param open those that could not be decided
 * @param missed what was to catch a wrong solution and does not
 * @param isAsExpected a right one is accepted; a wrong one is faulted, by all that were to catch it
 */
public record Proof(
        Verdict verdict, List<String> caught, List<String> open, List<String> missed, boolean isAsExpected) {

    public static Proof of(Solution solution, CheckReport report) {
        List<String> caught = new ArrayList<>();
        List<String> open = new ArrayList<>();
        report.findings().forEach(f -> {
            if (f.status() == Status.UNMET || f.status() == Status.PARTLY) {
                caught.add(f.id());
            } else if (f.status() == Status.UNCLEAR) {
                open.add(f.id());
            }
        });
        report.scenarios().forEach(s -> {
            if (s.outcome() == Outcome.FAILED) {
                caught.add(s.name());
            } else if (s.outcome() == Outcome.BLOCKED) {
                open.add(s.name());
            }
        });
        List<String> missed =
                solution.caughtBy().stream().filter(c -> !caught.contains(c)).toList();
        boolean asExpected = solution.isRight()
                ? report.verdict() == Verdict.ACCEPTED
                : report.verdict() == Verdict.FAULTED && missed.isEmpty();
        return new Proof(report.verdict(), List.copyOf(caught), List.copyOf(open), missed, asExpected);
    }
}
