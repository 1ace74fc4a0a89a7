package hausaufgabe.core.driver;

/** The driven process is gone or not to be believed. The message says what happened, for people. */
public final class DriverLost extends Exception {

    private static final long serialVersionUID = 1L;

    /** Why a process was lost. */
    public enum Reason {
        /** It did not answer in time. */
        TIMED_OUT,
        /** It ended itself or was ended. */
        ENDED,
        /** It sent what it was not asked for. */
        TAMPERED,
        /** It printed more than is allowed. */
        FLOODED,
        /** It could not be started; nothing is known of the submission. */
        NOT_STARTED
    }

    private final Reason reason;
    private final String message;

    public DriverLost(Reason reason, String message) {
        super(message);
        this.message = message;
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }

    @Override
    public String getMessage() {
        return message;
    }
}
