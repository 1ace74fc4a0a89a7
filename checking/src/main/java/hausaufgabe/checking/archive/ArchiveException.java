package hausaufgabe.checking.archive;

/** An upload that cannot be used. The message says what was wrong, where, and what to do. */
public final class ArchiveException extends Exception {

    private static final long serialVersionUID = 1L;

    public ArchiveException(String message) {
        super(message);
    }
}
