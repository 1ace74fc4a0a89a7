package hausaufgabe.server.grade;

import hausaufgabe.server.Csv;
import java.util.List;
import java.util.Locale;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/exercises/{exercise}")
class GradeController {

    private static final List<String> COLUMNS = List.of(
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
            "feedback");

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
    ResponseEntity<byte[]> csv(@PathVariable long exercise) {
        Grades.Sheet sheet = grades.sheet(exercise);
        return Csv.file(
                String.format(Locale.ROOT, "grades-%d-%s.csv", sheet.number(), sheet.title()),
                COLUMNS,
                sheet.rows().stream().map(GradeController::cells).toList());
    }

    private static List<Object> cells(Grades.Row row) {
        Grades.CountedAttempt a = row.handedIn();
        return List.of(
                row.student().number(),
                row.student().name(),
                row.student().group(),
                a == null ? "" : a.attempt(),
                a == null ? "" : a.uploadedAt(),
                a == null ? "" : a.late() ? "yes" : "no",
                a == null || a.verdict() == null ? "" : a.verdict().word(),
                row.points() == null ? "" : row.points(),
                row.possible() == null ? "" : row.possible(),
                row.settled() ? "yes" : "no",
                row.markedBy() == null ? "" : row.markedBy(),
                row.feedback());
    }
}
