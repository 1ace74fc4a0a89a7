package hausaufgabe.server.handout;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What stands on a student's paper.
 *
 * @param handedIn when, in words
 * @param late points taken off for being late, as they are written; null where none were
 * @param feedback in HTML; empty where there is none
 * @param claims requirements, in the order of the report
 * @param scenarios empty where the exercise does not show them
 * @param criteria what a person judged
 * @param compiled whether it did
 */
record Handout(
        String course,
        int number,
        String title,
        String name,
        String studentNumber,
        int attempt,
        String handedIn,
        String points,
        String possible,
        @Nullable String late,
        String feedback,
        boolean compiled,
        List<Claim> claims,
        List<Claim> scenarios,
        List<Claim> criteria,
        List<Noted> noted) {

    /**
     * Something points are given for.
     *
     * @param verdict in a word, and as the sheet's class of it
     * @param account what was found; empty where that is said
     * @param remarks in HTML
     */
    record Claim(String text, Verdict verdict, String points, String possible, String account, List<String> remarks) {}

    /** How something stands. */
    enum Verdict {
        MET("there"),
        PARTLY("partly there"),
        MISSING("missing"),
        UNCLEAR("a person looked"),
        NOT_APPLICABLE("does not apply"),
        JUDGED("judged");

        private final String word;

        Verdict(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        /** What the sheet calls it. */
        public String sheet() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * A remark at some lines.
     *
     * @param place file and lines
     * @param code what stands there
     * @param text in HTML
     */
    record Noted(String place, String code, String text) {}
}
