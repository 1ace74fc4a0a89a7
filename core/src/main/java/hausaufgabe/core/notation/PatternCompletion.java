package hausaufgabe.core.notation;

import java.util.List;
import java.util.stream.Stream;

/**
 * What could stand at a place of a text that is being written.
 *
 * @param from where the word begins that is being written, in characters from 0
 * @param choices what it could become, in the order of the book; a relation stands with all its words
 */
public record PatternCompletion(int from, List<String> choices) {

    /** @param at the place, in characters from 0 */
    public static PatternCompletion at(String text, int at, Vocabulary vocabulary) {
        int end = Math.max(0, Math.min(at, text.length()));
        int from = end;
        while (from > 0 && isWordPart(text.charAt(from - 1))) {
            from--;
        }
        String before = text.substring(0, from);
        try {
            List<DesignPattern> patterns = PatternSet.parse(before, vocabulary).patterns();
            // a requirement may say more, or something else may begin
            return new PatternCompletion(
                    from,
                    Stream.concat(
                                    patterns.get(patterns.size() - 1).order().stream(),
                                    PatternParser.OPENERS.stream()
                                            .filter(o -> patterns.size() > 1 || !o.equals("same")))
                            .toList());
        } catch (NotationException e) {
            // what is wrong further up is told where it stands
            boolean here = isAtEnd(before, e.line(), e.column());
            return new PatternCompletion(from, here ? e.choices() : List.of());
        }
    }

    private static boolean isWordPart(char c) {
        return Character.isLetterOrDigit(c) || c == '-' || c == '_';
    }

    /** Whether nothing but blanks and comments follows the place. */
    private static boolean isAtEnd(String text, int line, int column) {
        String[] lines = text.split("\n", -1);
        if (line < 1 || line > lines.length) {
            return true;
        }
        for (int i = line - 1; i < lines.length; i++) {
            String rest = i == line - 1 ? lines[i].substring(Math.min(column - 1, lines[i].length())) : lines[i];
            if (!rest.isBlank() && !rest.strip().startsWith("--")) {
                return false;
            }
        }
        return true;
    }
}
