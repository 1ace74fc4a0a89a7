package hausaufgabe.core.scenario.value;

import hausaufgabe.core.language.MentionedValues;
import org.jspecify.annotations.Nullable;

/**
 * Which of the samples to take, and whose code may say which are worth trying.
 *
 * @param on id of the type of the object that is called; null where none is, or it does not matter
 */
public record Choice(
        int round,
        MentionedValues mentioned,
        int depth,
        @Nullable String on) {

    public Choice(int round, MentionedValues mentioned, int depth) {
        this(round, mentioned, depth, null);
    }

    Choice deeper() {
        return new Choice(round, mentioned, depth + 1);
    }

    Choice next(int by) {
        return new Choice(round + by, mentioned, depth, on);
    }
}
