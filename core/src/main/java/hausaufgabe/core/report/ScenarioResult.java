package hausaufgabe.core.report;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How one scenario went.
 *
 * @param explanation one sentence: what was expected and what happened, or what was missing
 * @param steps what was done, line by line
 * @param calls who called whom; null where nothing was run
 * @param comparison what came beside what was expected, where a text was not as it should be; else null
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
        @Nullable Comparison comparison,
        double possible,
        double earned,
        long milliseconds) {

    /** The same with other points. */
    public ScenarioResult worth(double points, double proposed) {
        return new ScenarioResult(name, outcome, explanation, steps, calls, comparison, points, proposed, milliseconds);
    }

    /**
     * Two texts that should be the same.
     *
     * @param of what they are of: output, or a file
     */
    public record Comparison(String of, String expected, String came) {

        /** Characters that are kept of a text. */
        private static final int LONGEST = 20_000;

        public Comparison {
            expected = cut(expected);
            came = cut(came);
        }

        private static String cut(String text) {
            return text.length() <= LONGEST ? text : text.substring(0, LONGEST) + "…";
        }
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
