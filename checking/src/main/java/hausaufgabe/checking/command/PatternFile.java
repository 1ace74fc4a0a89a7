package hausaufgabe.checking.command;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.notation.NotationException;
import hausaufgabe.core.notation.PatternSet;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** A pattern read from a file, with its text. */
record PatternFile(Path path, String text, PatternSet patterns) {
    /** Bytes that are read at most; more cannot be a pattern. */
    private static final long LARGEST = 2_000_000;

    /** @param message for the person who gave the file: which, where, what to do */
    static final class UnreadablePattern extends Exception {
        private static final long serialVersionUID = 1L;

        UnreadablePattern(String message) {
            super(message);
        }
    }

    static PatternFile read(Path path) throws IOException, UnreadablePattern {
        if (!Files.isRegularFile(path)) {
            throw new UnreadablePattern("there is no file at " + path);
        }
        if (Files.size(path) > LARGEST) {
            throw new UnreadablePattern(path + " has " + Files.size(path) + " bytes; that is too much for a pattern");
        }
        byte[] bytes = Files.readAllBytes(path);
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new UnreadablePattern(path + " is not UTF-8. Save it as UTF-8 and try again.");
        }
        try {
            return new PatternFile(path, text, Patterns.all(text));
        } catch (NotationException e) {
            throw new UnreadablePattern(path + ", " + e.getMessage());
        }
    }
}
