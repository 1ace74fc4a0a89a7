package hausaufgabe.core.scenario.value;

import hausaufgabe.core.language.MentionedValues;
import org.jspecify.annotations.Nullable;

/**
 * Which of the samples to take, and whose code may say which are worth trying.
 *
 * @param on id of the type of the object that is called; null where none is, or it does not matter
 * @param taker id of the type whose operation takes the value; null where none does
 * @param named name of the parameter that takes it; null where none does
 */
public record Choice(
        int round,
        MentionedValues mentioned,
        int depth,
        @Nullable String on,
        @Nullable String taker,
        @Nullable String named) {

    public Choice(int round, MentionedValues mentioned, int depth) {
        this(round, mentioned, depth, null, null, null);
    }

    /** @param on id of the type of the object that is called */
    Choice(int round, MentionedValues mentioned, int depth, String on) {
        this(round, mentioned, depth, on, null, null);
    }

    Choice deeper() {
        return new Choice(round, mentioned, depth + 1, null, taker, named);
    }

    Choice next(int by) {
        return new Choice(round + by, mentioned, depth, on, taker, named);
    }

    /** For a parameter of an operation that a type has. */
    Choice takenBy(String type, String parameter) {
        return new Choice(round, mentioned, depth, on, type, parameter);
    }
}
