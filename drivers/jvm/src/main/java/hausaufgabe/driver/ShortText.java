package hausaufgabe.driver;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;

/** What is kept of a text or number, whatever its length: enough to read it and to tell it from another. */
final class ShortText {

    private static final int LONGEST = 1_000;
    private static final int MOST_BITS = 4_000;

    private ShortText() {}

    /** The text itself, or its beginning with its length and a sum that tells it from others that begin alike. */
    static String kept(String text) {
        if (text.length() <= LONGEST) {
            return text;
        }
        CRC32 sum = new CRC32();
        sum.update(text.getBytes(StandardCharsets.UTF_16));
        return text.substring(0, LONGEST) + "… (" + text.length() + " characters, sum "
                + Long.toHexString(sum.getValue()) + ")";
    }

    /** A value that is no object, as its text. Working out the digits of a number of millions of them would take ages. */
    static String of(Object value) {
        BigInteger digits =
                value instanceof BigInteger i ? i : value instanceof BigDecimal d ? d.unscaledValue() : null;
        if (digits != null && digits.bitLength() > MOST_BITS) {
            return "a number of " + digits.bitLength() + " bits, sum " + Integer.toHexString(value.hashCode());
        }
        return kept(value instanceof BigDecimal d ? plain(d) : String.valueOf(value));
    }

    private static String plain(BigDecimal d) {
        return Math.abs((long) d.scale()) > LONGEST ? d.toString() : d.toPlainString();
    }
}
