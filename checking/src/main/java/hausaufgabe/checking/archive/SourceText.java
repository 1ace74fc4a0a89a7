package hausaufgabe.checking.archive;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/**
 * The text of a source file.
 *
 * @param text its characters, without a byte order mark
 * @param remark what was taken for granted in reading it, or null where it is plain UTF-8
 */
public record SourceText(String text, String remark) {

    private static final Charset WESTERN = Charset.forName("windows-1252");

    /**
     * Reads UTF-8, UTF-16 with a byte order mark, and what is left as Windows-1252, which German editors still write.
     *
     * @throws ArchiveException where the bytes are no text
     */
    public static SourceText of(String path, byte[] bytes) throws ArchiveException {
        if (startsWith(bytes, 0xEF, 0xBB, 0xBF)) {
            return new SourceText(new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8), null);
        }
        if (startsWith(bytes, 0xFF, 0xFE) || startsWith(bytes, 0xFE, 0xFF)) {
            return new SourceText(
                    new String(bytes, StandardCharsets.UTF_16), "read as UTF-16; save it as UTF-8 next time");
        }
        for (byte b : bytes) {
            if (b == 0) {
                throw new ArchiveException(
                        path + " is not a text file. Save it as plain text in UTF-8 and upload again.");
            }
        }
        try {
            return new SourceText(
                    StandardCharsets.UTF_8
                            .newDecoder()
                            .onMalformedInput(CodingErrorAction.REPORT)
                            .onUnmappableCharacter(CodingErrorAction.REPORT)
                            .decode(ByteBuffer.wrap(bytes))
                            .toString(),
                    null);
        } catch (CharacterCodingException e) {
            return new SourceText(
                    new String(bytes, WESTERN), "not UTF-8; read as Windows-1252. Save it as UTF-8 next time");
        }
    }

    private static boolean startsWith(byte[] bytes, int... start) {
        if (bytes.length < start.length) {
            return false;
        }
        for (int i = 0; i < start.length; i++) {
            if ((bytes[i] & 0xFF) != start[i]) {
                return false;
            }
        }
        return true;
    }
}
