package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.treesitter.TSNode;

/** A file's text, with the places of nodes in it: parsers count bytes, everybody else characters. */
public final class SourceText {

    private final String path;
    private final String text;
    /** The character that begins at or before each byte. */
    private final int[] characters;

    public SourceText(String path, String text) {
        this.path = path;
        this.text = text;
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

    /** The place of a node. */
    public Span span(TSNode n) {
        int from = character(n.getStartByte());
        int to = Math.max(from, character(n.getEndByte()));
        int line = n.getStartPoint().getRow() + 1;
        return new Span(path, line, Math.max(line, n.getEndPoint().getRow() + 1), from, to);
    }

    /** The very beginning. */
    public Span start() {
        return new Span(path, 1, 1, 0, 0);
    }

    /** What stands there; empty for nothing. */
    public String of(@Nullable TSNode n) {
        return n == null
                ? ""
                : text.substring(
                        character(n.getStartByte()), Math.max(character(n.getStartByte()), character(n.getEndByte())));
    }
}
