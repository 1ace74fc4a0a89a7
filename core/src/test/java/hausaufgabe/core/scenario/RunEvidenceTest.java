package hausaufgabe.core.scenario;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What reading says and what running shows become one verdict. */
class RunEvidenceTest {

    private static final DesignPattern OBSERVER = Catalogue.pattern("observer").orElseThrow();
    private static final String SPEAKING = "Everyone who asked is told of a change";

    @Test
    void whatReadingLeavesOpenARunSettles() {
        Finding f = settled("told", Status.UNCLEAR, SPEAKING, Outcome.PASSED);

        assertEquals(Status.MET, f.status());
        assertEquals(3, f.earned());
        assertEquals("As read. Run, it holds.", f.explanation().plain());
        assertEquals(List.of(SPEAKING), f.runs());
    }

    @Test
    void whatARunContradictsDoesNotHoldHoweverItReads() {
        Finding f = settled("told", Status.MET, SPEAKING, Outcome.FAILED);

        assertEquals(Status.UNMET, f.status());
        assertEquals(0, f.earned());
        assertTrue(f.explanation().plain().endsWith("Run, it does not hold: As run."));
    }

    @Test
    void whatCouldNotBeRunSettlesNothing() {
        assertEquals(
                Status.UNCLEAR,
                settled("told", Status.UNCLEAR, SPEAKING, Outcome.BLOCKED).status());
        assertEquals(
                Status.MET,
                settled("told", Status.MET, SPEAKING, Outcome.BLOCKED).status());
    }

    @Test
    void aRunSpeaksOnlyForWhatItShows() {
        Finding other = settled("open", Status.UNCLEAR, SPEAKING, Outcome.PASSED);

        assertEquals(Status.UNCLEAR, other.status());
        assertEquals(List.of(), other.runs());
        assertEquals(
                Status.NOT_APPLICABLE,
                settled("told", Status.NOT_APPLICABLE, SPEAKING, Outcome.FAILED).status());
    }

    private static Finding settled(String id, Status status, String scenario, Outcome outcome) {
        Sentence read = Sentence.words("As read.");
        double earned = status == Status.MET ? 3 : 0;
        Finding f = new Finding(id, Sentence.NONE, status, true, 3, earned, read, List.of(), List.of());
        ScenarioResult r =
                new ScenarioResult(scenario, outcome, Sentence.words("As run."), List.of(), null, null, 2, 2, 1);
        return RunEvidence.settled(OBSERVER, List.of(f), List.of(r)).get(0);
    }
}
