package hausaufgabe.server.submission;

import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.core.report.CheckReport;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A submission without its sources.
 *
 * @param progress what its check is doing now; null when it does nothing
 * @param failure why its check gave no report; null when it did or has not ended
 * @param checked its report; null before there is one
 * @param version number of the exercise's version it was checked with; null before there is a report
 * @param criteria what a person judges, as that version says; empty before there is a report
 */
public record HandedIn(
        long id,
        long exerciseId,
        long studentId,
        int attempt,
        Instant uploadedAt,
        State state,
        String progress,
        String failure,
        CheckReport checked,
        Integer version,
        List<Criterion> criteria) {

    /** How far its check is. */
    public enum State {
        QUEUED,
        RUNNING,
        CHECKED,
        FAILED
    }

    public Optional<CheckReport> report() {
        return Optional.ofNullable(checked);
    }
}
