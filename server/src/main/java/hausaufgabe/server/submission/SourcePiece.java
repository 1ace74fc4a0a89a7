package hausaufgabe.server.submission;

/**
 * A piece of a file that was handed in.
 *
 * @param from its first line, from 1
 * @param lines how many lines the whole file has
 */
public record SourcePiece(String path, int from, int lines, String text) {

    /** Most lines of a piece. */
    public static final int LINES = 4_000;
}
