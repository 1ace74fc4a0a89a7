package hausaufgabe.core.scenario.value;

import hausaufgabe.core.language.MentionedValues;

/** Which of the samples to take, and whose code may say which are worth trying. */
public record Choice(int round, MentionedValues mentioned, int depth) {

    Choice deeper() {
        return new Choice(round, mentioned, depth + 1);
    }

    Choice next(int by) {
        return new Choice(round + by, mentioned, depth);
    }
}
