package hausaufgabe.server.submission;

import java.time.Instant;

/**
 * A commit that was pushed.
 *
 * @param hash its SHA-1, in hexadecimal digits
 * @param message as its author wrote it, cut where it is very long
 */
public record Commit(String hash, String message, Instant committedAt) {

    private static final int LONGEST = 2_000;

    public Commit {
        String plain = message.strip();
        message = plain.length() <= LONGEST ? plain : plain.substring(0, LONGEST - 1) + "…";
    }
}
