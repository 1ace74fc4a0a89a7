package hausaufgabe.server.course;

/** A roster that cannot be used; the message says what to mend. */
public final class RosterUnusable extends Exception {

    private static final long serialVersionUID = 1L;

    RosterUnusable(String message) {
        super(message);
    }
}
