package hausaufgabe.core.report;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How one scenario went.
 *
 * @param explanation one sentence: what was expected and what happened, or what was missing
 * @param steps what was done, line by line
 * @param calls who called whom; null where nothing was run
 * @param possible points it is worth
 * @param earned points proposed for it
 * @param milliseconds wall time
 */
public record ScenarioResult(
        String name,
        Outcome outcome,
        Sentence explanation,
        List<Line> steps,
        @Nullable CallSequence calls,
        double possible,
        double earned,
        long milliseconds) {

    /** The same with other points. */
    public ScenarioResult worth(double points, double proposed) {
        return new ScenarioResult(name, outcome, explanation, steps, calls, points, proposed, milliseconds);
    }

    /** {@code BLOCKED}: it could not be run, so it says nothing about the submission. */
    public enum Outcome {
        PASSED("passed"),
        FAILED("failed"),
        BLOCKED("blocked");

        private final String word;

        Outcome(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** What a line of the account tells. */
    public enum LineKind {
        BUILT,
        CALLED,
        HEARD,
        EXPECTED,
        PRINTED,
        STOPPED,
        /** What follows was played for this type or operation. */
        CASE
    }

    /**
     * @param depth 0 for a step; 1 for what happened because of it
     * @param good for an expectation, whether it held; else null
     */
    public record Line(
            LineKind kind,
            int depth,
            Sentence text,
            @Nullable Boolean good) {}
}
