package hausaufgabe.checking.archive;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;

/** Names of files as people wrote them, and characters that cannot be seen made visible. */
public final class FileNames {

    private static final Charset DOS = Charset.forName("IBM437");
    private static final Charset WESTERN = Charset.forName("windows-1252");

    private FileNames() {}

    /**
     * A name whose bytes are no UTF-8, as the packer meant it. Packers of old wrote code page 437, where umlauts lie where
     * Windows-1252 has hardly any letter; those that wrote Windows-1252 used none of these places.
     *
     * @param bytes the bytes, each as the character of the same number
     */
    static String older(String bytes) {
        byte[] raw = bytes.getBytes(StandardCharsets.ISO_8859_1);
        int low = 0;
        int high = 0;
        for (byte b : raw) {
            int c = b & 0xFF;
            low += c >= 0x80 && c < 0xA0 ? 1 : 0;
            high += c >= 0xC0 && c != 0xE1 ? 1 : 0;
        }
        return new String(raw, low > 0 || high == 0 ? DOS : WESTERN);
    }

    /** The text with every character that cannot be seen, or that turns the direction of reading, said by its number. */
    public static String shown(String text) {
        StringBuilder shown = new StringBuilder(text.length());
        text.codePoints().forEach(c -> {
            if (isHidden(c)) {
                shown.append(said(c));
            } else {
                shown.appendCodePoint(c);
            }
        });
        return shown.toString();
    }

    /** @param line from 1 */
    record Hidden(int line, String shown) {}

    /** The first character in a source that cannot be seen; tabs and line ends are no such. */
    static Optional<Hidden> hidden(String source) {
        int line = 1;
        for (int i = 0; i < source.length(); i++) {
            char c = source.charAt(i);
            if (c == '\n') {
                line++;
            } else if (c != '\t' && c != '\r' && c != '\f' && isHidden(c)) {
                return Optional.of(new Hidden(line, said(c)));
            }
        }
        return Optional.empty();
    }

    private static boolean isHidden(int c) {
        return switch (Character.getType(c)) {
            case Character.CONTROL, Character.FORMAT, Character.LINE_SEPARATOR, Character.PARAGRAPH_SEPARATOR -> true;
            default -> false;
        };
    }

    private static String said(int c) {
        return String.format(Locale.ROOT, "⟨U+%04X⟩", c);
    }
}
