package hausaufgabe.core.notation;

/** A text that is not a pattern. The message says where, what was found, what was expected, and what may be meant. */
public final class NotationException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final int line;
    private final int column;

    public NotationException(int line, int column, String message) {
        super("line " + line + ", column " + column + ": " + message);
        this.line = line;
        this.column = column;
    }

    /** From 1. */
    public int line() {
        return line;
    }

    /** From 1, in characters. */
    public int column() {
        return column;
    }
}
