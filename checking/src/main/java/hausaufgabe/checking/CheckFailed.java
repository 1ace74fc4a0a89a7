package hausaufgabe.checking;

/** A check that ended without a report. The message is for the person who waits for it. */
public final class CheckFailed extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public CheckFailed(String message) {
        super(message);
    }
}
