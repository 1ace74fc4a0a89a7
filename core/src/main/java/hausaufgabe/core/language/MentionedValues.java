package hausaufgabe.core.language;

import java.util.List;

/**
 * Texts and numbers that a program's code mentions, each in the order of the code: worth trying first.
 *
 * @param shaped texts made in the shape that the code asks texts to have, as by a regular expression
 */
public record MentionedValues(List<String> texts, List<String> numbers, List<String> shaped) {
    public static final MentionedValues NONE = new MentionedValues(List.of(), List.of(), List.of());
}
