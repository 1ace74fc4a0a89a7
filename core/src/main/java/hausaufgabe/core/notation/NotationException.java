package hausaufgabe.core.notation;

import java.util.List;

/** A text that is not a pattern. The message says where, what was found, what was expected, and what may be meant. */
public final class NotationException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final int line;
    private final int column;
    private final transient List<String> choices;

    public NotationException(int line, int column, String message) {
        this(line, column, message, List.of());
    }

    NotationException(int line, int column, String message, List<String> choices) {
        super("line " + line + ", column " + column + ": " + message);
        this.line = line;
        this.column = column;
        this.choices = List.copyOf(choices);
    }

    /** Words that could stand at the place; empty where nothing can be listed. */
    public List<String> choices() {
        return choices;
    }

    /** What is wrong, without the place. */
    public String reason() {
        String whole = String.valueOf(getMessage());
        return whole.substring(whole.indexOf(": ") + 2);
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
