package hausaufgabe.core.notation;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A run of the program as a whole, and what is expected of it.
 *
 * @param main simple or qualified name of the type to start; null to find it
 * @param arguments what it is started with
 * @param input what it can read, line by line
 * @param expected what must come of it; never empty
 */
public record Run(
        String name,
        double points,
        @Nullable String main,
        List<String> arguments,
        List<String> input,
        List<Expected> expected) {

    /**
     * @param file path of a file it must have written; null for what it prints
     * @param how how to compare
     * @param lines what to compare with; empty where that is what the starter code does
     * @param tolerance how far numbers may differ; 0 where that is not asked
     */
    public record Expected(@Nullable String file, How how, List<String> lines, double tolerance) {}

    /** How what came is compared with what was expected. */
    public enum How {
        /** Character by character; a line's end at the very end does not count. */
        EXACT(""),
        /** Any space is as good as any other. */
        LIKE("like"),
        /** A regular expression for the whole. */
        MATCHING("matching"),
        /** The starter code, started alike, comes to the same. */
        AS_BEFORE("as before");

        private final String words;

        How(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
