package hausaufgabe.checking.exercise;

/**
 * Something in an exercise that is not right.
 *
 * @param path the file it is in
 * @param line from 1; 0 where it is about the whole file
 * @param column from 1; 0 where it is about the whole line
 * @param message what is wrong and what to do
 * @param blocks whether the exercise cannot be opened before it is mended
 */
public record Problem(String path, int line, int column, String message, boolean blocks) {

    /** Place and message in one line, for a terminal. */
    public String said() {
        return path + (line > 0 ? ", line " + line : "") + (column > 0 ? ", column " + column : "") + ": " + message;
    }
}
