package hausaufgabe.server;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** Answers that a browser keeps as files. */
public final class Downloads {

    private Downloads() {}

    /** @param name of the file, whatever letters are in it */
    public static ResponseEntity.BodyBuilder named(String name) {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, disposition(name));
    }

    /** What a header says of a file, whatever letters are in its name. */
    public static String disposition(String name) {
        return ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
