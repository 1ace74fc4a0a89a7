package hausaufgabe.checking.pool;

import static org.junit.jupiter.api.Assertions.assertEquals;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class RememberedReportsTest {

    private static final CheckRequest REQUEST =
            new CheckRequest("pattern", List.of(), List.of(), Map.of(), false, CheckRequest.Isolation.SANDBOX);

    /** Gives every check the same report and counts how often it is asked for one. */
    private static final class Counting implements CheckDispatcher {

        private final CheckReport report;
        private int made;

        Counting(Outcome outcome, long milliseconds) {
            ScenarioResult scenario =
                    new ScenarioResult("played", outcome, Sentence.NONE, List.of(), null, null, 1, 1, milliseconds);
            report = new CheckReport(
                    "strategy",
                    true,
                    List.of(),
                    CheckReport.Verdict.ACCEPTED,
                    "held",
                    Map.of(),
                    Map.of(),
                    Map.of(),
                    false,
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(scenario),
                    null,
                    List.of(),
                    null,
                    null,
                    new CheckReport.Points(1, 1),
                    new CheckReport.Timing(1, 1, 1, 1));
        }

        @Override
        public CompletableFuture<CheckReport> submit(CheckRequest request, Consumer<String> progress) {
            made++;
            return CompletableFuture.completedFuture(report);
        }

        @Override
        public CompletableFuture<ProgramOutline> outline(List<SourceFile> sources) {
            throw new UnsupportedOperationException("nothing is asked for an outline here");
        }

        @Override
        public int capacity() {
            return 1;
        }

        @Override
        public void close() {
            // nothing was opened
        }
    }

    @Test
    void theSameCheckIsMadeOnce() {
        Counting checks = new Counting(Outcome.PASSED, 5);
        RememberedReports reports = new RememberedReports(checks, 10);

        CheckReport first = reports.submit(REQUEST, s -> {}).join();
        CheckReport second = reports.submit(REQUEST, s -> {}).join();

        assertEquals(first, second);
        assertEquals(1, checks.made);
    }

    @Test
    void whatIsAskedForAnewIsMadeAnewAndRememberedFromThenOn() {
        Counting checks = new Counting(Outcome.PASSED, 5);
        RememberedReports reports = new RememberedReports(checks, 10);

        reports.submit(REQUEST, s -> {}).join();
        reports.submit(REQUEST.again(true), s -> {}).join();
        reports.submit(REQUEST, s -> {}).join();

        assertEquals(2, checks.made);
    }

    @Test
    void whatMayHaveBeenStoppedForTakingTooLongIsNotRemembered() {
        Counting checks = new Counting(Outcome.FAILED, 3_004);
        RememberedReports reports = new RememberedReports(checks, 10);

        reports.submit(REQUEST, s -> {}).join();
        reports.submit(REQUEST, s -> {}).join();

        assertEquals(2, checks.made);
    }
}
