package hausaufgabe.checking;

/** A check that ended without a report. The message is for the person who waits for it. */
public final class CheckFailed extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final boolean stop;

    public CheckFailed(String message) {
        this(message, false);
    }

    private CheckFailed(String message, boolean stop) {
        super(message);
        this.stop = stop;
    }

    /** A check that did not break: the checkers were stopped before it was over, and it can be made another time. */
    public static CheckFailed stopped(String message) {
        return new CheckFailed(message, true);
    }

    /** Whether the checkers were stopped, and nothing is known of the check. */
    public boolean isStop() {
        return stop;
    }
}
