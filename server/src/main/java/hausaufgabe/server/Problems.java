package hausaufgabe.server;

import java.sql.SQLException;
import java.util.Set;
import org.apache.catalina.connector.ClientAbortException;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Turns what goes wrong into problem details (RFC 9457), with a sentence for the person who reads them. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Problems {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private static final Set<Integer> CLOSED_BY_THE_DISK =
            Set.of(ErrorCode.DATABASE_IS_CLOSED, ErrorCode.IO_EXCEPTION_1, ErrorCode.IO_EXCEPTION_2);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> onProblem(Problem problem) {
        return answer(problem.status(), problem.getMessage());
    }

    @ExceptionHandler(OptimisticLockingFailureException.class)
    ResponseEntity<ProblemDetail> onOutdated() {
        return answer(
                HttpStatus.PRECONDITION_FAILED,
                "Somebody else changed this at the same moment. Load the page again; your text is still in the field.");
    }

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    ResponseEntity<ProblemDetail> onTooLarge() {
        return answer(
                HttpStatus.PAYLOAD_TOO_LARGE,
                "The upload is larger than this server takes, 120 MB unless it was set otherwise. Of a hand-in pack only the"
                        + " sources. Nothing was stored.");
    }

    @ExceptionHandler(MultipartException.class)
    ResponseEntity<ProblemDetail> onBrokenUpload() {
        return answer(HttpStatus.BAD_REQUEST, "The upload did not arrive whole. Upload it again. Nothing was stored.");
    }

    @ExceptionHandler(MethodArgumentNotValidException.class)
    ResponseEntity<ProblemDetail> onInvalid(MethodArgumentNotValidException e) {
        String what = e.getBindingResult().getAllErrors().stream()
                .map(x -> String.valueOf(x.getDefaultMessage()))
                .distinct()
                .reduce((a, b) -> a + " " + b)
                .orElse("Something is missing.");
        return answer(HttpStatus.UNPROCESSABLE_ENTITY, what);
    }

    @ExceptionHandler(HttpMessageNotReadableException.class)
    ResponseEntity<ProblemDetail> onUnreadable(HttpMessageNotReadableException e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof BoundedBodies.TooLarge) {
                return answer(HttpStatus.PAYLOAD_TOO_LARGE, t.getMessage());
            }
        }
        return answer(HttpStatus.BAD_REQUEST, "The request could not be read.");
    }

    /** Two wrote the same thing at the same moment, and nobody had foreseen it. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    ResponseEntity<ProblemDetail> onCollision(DataIntegrityViolationException e) {
        LOG.warn("what was to be stored does not fit the records", e);
        return answer(
                HttpStatus.CONFLICT,
                "Somebody else stored the same at the same moment, or a text is too long. Nothing was stored; load the page"
                        + " again and repeat what you did.");
    }

    /** What Spring refuses by itself: a method, a header, a value that does not fit. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> onRefusal(Exception e) throws Exception {
        if (e instanceof AsyncRequestNotUsableException || e instanceof ClientAbortException) {
            // whoever asked is gone
            return null;
        }
        if (e instanceof ErrorResponse refusal) {
            String detail = refusal.getBody().getDetail();
            HttpStatus status = HttpStatus.valueOf(refusal.getStatusCode().value());
            return answer(
                    status,
                    status == HttpStatus.NOT_FOUND || detail == null ? "There is nothing at this address." : detail);
        }
        if (e instanceof TypeMismatchException) {
            return answer(HttpStatus.NOT_FOUND, "There is nothing at this address.");
        }
        if (e instanceof AccessDeniedException || e instanceof AuthenticationException) {
            throw e;
        }
        LOG.error("a request failed", e);
        if (isOfTheDisk(e)) {
            return answer(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "The records cannot be written: the server’s disk is full, or cannot be reached. Nothing was stored;"
                            + " keep what you wrote, and tell whoever looks after the server.");
        }
        return answer(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something of ours failed. Nothing half-done was stored; try again, and tell the lead if it stays so.");
    }

    /** Whether the file of the records could not be written or opened: the database closes itself then, until it can be. */
    static boolean isOfTheDisk(Throwable e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof MVStoreException
                    || t instanceof SQLException s
                            // what the pool says of a connection that it has given up for that reason
                            && (CLOSED_BY_THE_DISK.contains(s.getErrorCode())
                                    || "Connection is closed".equals(s.getMessage()))) {
                return true;
            }
        }
        return false;
    }

    static ResponseEntity<ProblemDetail> answer(HttpStatus status, String detail) {
        LOG.debug("{}: {}", status, detail);
        ProblemDetail body = ProblemDetail.forStatusAndDetail(status, detail);
        return ResponseEntity.status(status).body(body);
    }
}
