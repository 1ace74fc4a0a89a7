package hausaufgabe.server;

import java.io.Serial;
import org.springframework.http.HttpStatus;

/** Something the person who asked can mend. The message says what was wrong and what to do. */
public final class Problem extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;

    private Problem(HttpStatus status, String message) {
        super(message);
        this.status = status;
    }

    public HttpStatus status() {
        return status;
    }

    public static Problem badRequest(String message) {
        return new Problem(HttpStatus.UNPROCESSABLE_ENTITY, message);
    }

    public static Problem notFound(String message) {
        return new Problem(HttpStatus.NOT_FOUND, message);
    }

    public static Problem unauthorized(String message) {
        return new Problem(HttpStatus.UNAUTHORIZED, message);
    }

    /** Somebody else has changed the same thing in the meantime. */
    public static Problem outdated(String message) {
        return new Problem(HttpStatus.PRECONDITION_FAILED, message);
    }

    /** Something that was there and cannot be had any more. */
    public static Problem gone(String message) {
        return new Problem(HttpStatus.GONE, message);
    }

    public static Problem tooLarge(String message) {
        return new Problem(HttpStatus.PAYLOAD_TOO_LARGE, message);
    }

    public static Problem forbidden(String message) {
        return new Problem(HttpStatus.FORBIDDEN, message);
    }

    /** Too much at once; what to wait for is said in the message. */
    public static Problem tooMany(String message) {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, message);
    }

    public static Problem conflict(String message) {
        return new Problem(HttpStatus.CONFLICT, message);
    }
}
