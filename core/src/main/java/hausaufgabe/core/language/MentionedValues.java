package hausaufgabe.core.language;

import java.util.List;

/** Texts and numbers that a program's code mentions: worth trying as values, since the code asks for them. */
public record MentionedValues(List<String> texts, List<String> numbers) {
    public static final MentionedValues NONE = new MentionedValues(List.of(), List.of());
}
