package hausaufgabe.server.grade;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/exercises/{exercise}")
class GradeController {

    private static final String[] COLUMNS = {
        "number",
        "name",
        "group",
        "attempt",
        "handed in",
        "late",
        "verdict",
        "points",
        "possible",
        "settled",
        "marked by",
        "feedback"
    };

    private final Grades grades;

    GradeController(Grades grades) {
        this.grades = grades;
    }

    @GetMapping("/grades")
    Grades.Sheet sheet(@PathVariable long exercise) {
        return grades.sheet(exercise);
    }

    /** The sheet as RFC 4180 describes CSV, in UTF-8. */
    @GetMapping(path = "/grades.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(@PathVariable long exercise) throws IOException {
        Grades.Sheet sheet = grades.sheet(exercise);
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(COLUMNS).get();
        try (CSVPrinter out = new CSVPrinter(text, format)) {
            for (Grades.Row row : sheet.rows()) {
                out.printRecord(cells(row));
            }
        }
        String name = String.format(Locale.ROOT, "grades-%d-%s.csv", sheet.number(), sheet.title());
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static Object[] cells(Grades.Row row) {
        Grades.CountedAttempt a = row.handedIn();
        return new Object[] {
            safe(row.student().number()),
            safe(row.student().name()),
            safe(row.student().group()),
            a == null ? "" : a.attempt(),
            a == null ? "" : a.uploadedAt(),
            a == null ? "" : a.late() ? "yes" : "no",
            a == null || a.verdict() == null ? "" : a.verdict().word(),
            row.points() == null ? "" : row.points(),
            row.possible() == null ? "" : row.possible(),
            row.settled() ? "yes" : "no",
            row.markedBy() == null ? "" : safe(row.markedBy()),
            safe(row.feedback())
        };
    }

    /** A text that a spreadsheet would take for a formula is marked as text. */
    static String safe(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
