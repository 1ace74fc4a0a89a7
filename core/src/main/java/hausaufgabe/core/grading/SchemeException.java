package hausaufgabe.core.grading;

/** What is wrong with a scheme, and what to do about it, in words for whoever wrote it. */
public final class SchemeException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    public SchemeException(String message) {
        super(message);
    }
}
