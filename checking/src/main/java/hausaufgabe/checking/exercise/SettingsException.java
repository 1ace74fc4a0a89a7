package hausaufgabe.checking.exercise;

/** A text that is no settings of an exercise; the message says what to mend. */
public final class SettingsException extends Exception {

    private static final long serialVersionUID = 1L;

    private final int line;
    private final int column;

    SettingsException(int line, int column, String message) {
        super(message);
        this.line = line;
        this.column = column;
    }

    /** From 1. */
    public int line() {
        return line;
    }

    /** From 1. */
    public int column() {
        return column;
    }
}
