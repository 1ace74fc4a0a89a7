package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** A file's text, with the places of nodes in it: parsers count bytes, everybody else characters. */
public final class SourceText {

    private final String path;
    private final String text;
    /** The character that begins at or before each byte. */
    private final int[] characters;
    /** Where each line begins, in characters. */
    private final int[] lines;

    public SourceText(String path, String text) {
        this.path = path;
        this.text = text;
        this.lines = IntStream.concat(
                        IntStream.of(0),
                        IntStream.range(0, text.length())
                                .filter(i -> text.charAt(i) == '\n')
                                .map(i -> i + 1))
                .toArray();
        int bytes = text.getBytes(StandardCharsets.UTF_8).length;
        this.characters = new int[bytes + 1];
        int at = 0;
        for (int i = 0; i < text.length(); ) {
            int point = text.codePointAt(i);
            int length = point < 0x80 ? 1 : point < 0x800 ? 2 : point < 0x10000 ? 3 : 4;
            for (int b = 0; b < length && at < characters.length; b++) {
                characters[at++] = i;
            }
            i += Character.charCount(point);
        }
        while (at < characters.length) {
            characters[at++] = text.length();
        }
    }

    private int character(int at) {
        return characters[Math.max(0, Math.min(at, characters.length - 1))];
    }

    /** The whole of it. */
    public String whole() {
        return text;
    }

    /**
     * A stretch of it.
     *
     * @param start the first byte
     * @param end just after the last one
     */
    Span span(int start, int end) {
        int from = character(start);
        int to = Math.max(from, character(end));
        int line = line(from);
        return new Span(path, line, Math.max(line, line(to)), from, to);
    }

    private int line(int character) {
        int at = Arrays.binarySearch(lines, character);
        return at >= 0 ? at + 1 : -at - 1;
    }

    /** The very beginning. */
    public Span start() {
        return new Span(path, 1, 1, 0, 0);
    }

    /** What stands there; empty for nothing. */
    public String of(@Nullable SyntaxNode n) {
        return n == null ? "" : n.text();
    }
}
