package hausaufgabe.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;

import hausaufgabe.core.report.CheckReport.Points;
import hausaufgabe.core.report.CheckReport.Verdict;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.List;
import org.junit.jupiter.api.Test;

class MarkingTest {

    @Test
    void whatIsMetEarnsAllAndWhatIsPartlyMetItsShareInQuarters() {
        assertEquals(3, Marking.earned(Status.MET, 3, 1));
        assertEquals(1, Marking.earned(Status.PARTLY, 3, 1 / 3.0));
        assertEquals(0.75, Marking.earned(Status.PARTLY, 1, 0.7));
        assertEquals(0, Marking.earned(Status.UNCLEAR, 3, 0.5));
        assertEquals(0, Marking.earned(Status.UNMET, 3, 0));
    }

    @Test
    void whatDoesNotApplyCountsForNeitherSum() {
        List<Finding> findings = List.of(finding(Status.MET, 2), finding(Status.NOT_APPLICABLE, 5));

        Points points = Marking.points(findings, List.of(scenario(Outcome.BLOCKED, 1)));

        assertEquals(new Points(2, 3), points);
    }

    @Test
    void oneFaultOutweighsWhatIsOpen() {
        List<Finding> open = List.of(finding(Status.UNCLEAR, 1));
        List<Finding> good = List.of(finding(Status.MET, 1));

        assertEquals(Verdict.ACCEPTED, Marking.verdict(true, true, good, List.of(scenario(Outcome.PASSED, 1))));
        assertEquals(Verdict.UNDECIDED, Marking.verdict(true, true, open, List.of()));
        assertEquals(Verdict.UNDECIDED, Marking.verdict(true, true, good, List.of(scenario(Outcome.BLOCKED, 1))));
        assertEquals(Verdict.FAULTED, Marking.verdict(true, true, open, List.of(scenario(Outcome.FAILED, 1))));
        assertEquals(Verdict.FAULTED, Marking.verdict(true, true, List.of(finding(Status.PARTLY, 1)), List.of()));
    }

    @Test
    void whatDoesNotCompileIsFaultedOnlyForWhatDoesNotHold() {
        List<Finding> good = List.of(finding(Status.MET, 1));

        assertEquals(Verdict.UNDECIDED, Marking.verdict(false, true, good, List.of()));
        assertEquals(Verdict.FAULTED, Marking.verdict(false, true, List.of(finding(Status.UNMET, 1)), List.of()));
    }

    @Test
    void aSearchThatWasCutShortDecidesNothing() {
        assertEquals(Verdict.UNDECIDED, Marking.verdict(true, false, List.of(finding(Status.UNMET, 1)), List.of()));
        assertEquals(Verdict.UNDECIDED, Marking.verdict(true, false, List.of(finding(Status.MET, 1)), List.of()));
    }

    private static Finding finding(Status status, double points) {
        return new Finding(
                "x",
                Sentence.NONE,
                status,
                false,
                points,
                Marking.earned(status, points, 0.5),
                Sentence.NONE,
                List.of(),
                List.of());
    }

    private static ScenarioResult scenario(Outcome outcome, double points) {
        return new ScenarioResult(
                "s", outcome, Sentence.NONE, List.of(), null, null, points, Marking.earned(outcome, points), 1);
    }
}
