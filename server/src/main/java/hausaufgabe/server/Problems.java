package hausaufgabe.server;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Turns what goes wrong into problem details (RFC 9457), with a sentence for the person who reads them. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Problems {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

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
                "The upload is larger than 20 MB. Pack only the sources and upload again. Nothing was stored.");
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
    ResponseEntity<ProblemDetail> onUnreadable() {
        return answer(HttpStatus.BAD_REQUEST, "The request could not be read.");
    }

    static ResponseEntity<ProblemDetail> answer(HttpStatus status, String detail) {
        LOG.debug("{}: {}", status, detail);
        ProblemDetail body = ProblemDetail.forStatusAndDetail(status, detail);
        return ResponseEntity.status(status).body(body);
    }
}
