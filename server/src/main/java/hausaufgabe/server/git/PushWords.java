package hausaufgabe.server.git;

import hausaufgabe.core.exercise.ExerciseSettings.Shown;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Status;
import hausaufgabe.server.submission.HandedIn;
import java.util.ArrayList;
import java.util.List;

/** What was found, in the few lines that a push tells. */
final class PushWords {

    private static final int MOST = 6;

    private PushWords() {}

    static boolean isBeingChecked(HandedIn s) {
        return s.state() == HandedIn.State.QUEUED || s.state() == HandedIn.State.RUNNING;
    }

    /** @param shows what a student may see */
    static List<String> of(HandedIn s, Shown shows) {
        if (isBeingChecked(s)) {
            return List.of("It is still being checked.");
        }
        if (s.report().isEmpty() || s.state() == HandedIn.State.FAILED) {
            return List.of("It is kept, but could not be checked. The staff see that, too.");
        }
        CheckReport report = s.report().get();
        if (!report.compiled()) {
            CheckReport.Diagnostic first =
                    report.diagnostics().isEmpty() ? null : report.diagnostics().get(0);
            return List.of("It does not compile"
                    + (first == null ? "." : ": " + first.file() + ":" + first.line() + ": " + first.message()));
        }
        if (shows == Shown.NOTHING) {
            return List.of("It compiles. What was found is told once your work is returned to you.");
        }
        return found(report, shows == Shown.FINDINGS_AND_SCENARIOS);
    }

    private static List<String> found(CheckReport report, boolean runs) {
        List<Finding> judged = report.findings().stream()
                .filter(f -> f.status() != Status.NOT_APPLICABLE)
                .toList();
        List<String> lines = new ArrayList<>();
        lines.add(judged.stream().filter(f -> f.status() == Status.MET).count() + " of " + judged.size()
                + " claims hold.");
        List<String> missing = new ArrayList<>();
        judged.stream()
                .filter(f -> f.status() != Status.MET)
                .forEach(f -> missing.add(word(f.status()) + ": " + f.text().plain()));
        if (runs) {
            List<ScenarioResult> ran = report.scenarios().stream()
                    .filter(s -> s.outcome() != ScenarioResult.Outcome.BLOCKED)
                    .toList();
            lines.add(ran.stream()
                            .filter(s -> s.outcome() == ScenarioResult.Outcome.PASSED)
                            .count()
                    + " of " + ran.size() + " runs went well.");
            ran.stream()
                    .filter(s -> s.outcome() == ScenarioResult.Outcome.FAILED)
                    .forEach(s -> missing.add("went wrong: " + s.name()));
        }
        missing.stream().limit(MOST).forEach(m -> lines.add("  " + m));
        if (missing.size() > MOST) {
            lines.add("  and " + (missing.size() - MOST) + " more");
        }
        return lines;
    }

    private static String word(Status status) {
        return switch (status) {
            case PARTLY -> "partly";
            case UNCLEAR -> "a person looks";
            default -> "missing";
        };
    }
}
