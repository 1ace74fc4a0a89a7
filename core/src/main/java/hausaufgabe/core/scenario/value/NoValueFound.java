package hausaufgabe.core.scenario.value;

/** No value can be made of a type; the message says which was wanted and why not. */
public final class NoValueFound extends Exception {

    private static final long serialVersionUID = 1L;

    private final String message;

    public NoValueFound(String message) {
        super(message);
        this.message = message;
    }

    @Override
    public String getMessage() {
        return message;
    }
}
