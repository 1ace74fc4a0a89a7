package hausaufgabe.server.grade;

import hausaufgabe.server.Csv;
import hausaufgabe.server.account.Person;
import java.util.List;
import java.util.Locale;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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
    private final Likenesses likenesses;
    private final Weaves weaves;
    private final Twins twins;
    private final Evenness evenness;
    private final Viewer.Viewers viewers;

    GradeController(
            Grades grades,
            Likenesses likenesses,
            Weaves weaves,
            Twins twins,
            Evenness evenness,
            Viewer.Viewers viewers) {
        this.grades = grades;
        this.likenesses = likenesses;
        this.weaves = weaves;
        this.twins = twins;
        this.evenness = evenness;
        this.viewers = viewers;
    }

    /** Every student of an exercise with the attempt that counts. */
    @GetMapping("/grades")
    Grades.Sheet sheet(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        return grades.sheet(exercise, course -> viewers.of(person, course));
    }

    /** Which submissions have just the same mistakes. */
    @GetMapping("/alike")
    Likenesses.LikenessView alike(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        return likenesses.view(exercise, course -> viewers.of(person, course));
    }

    /** Every claim at every submission, so ordered that likes lie together. */
    @GetMapping("/weave")
    Weaves.Weave weave(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        return weaves.view(exercise, course -> viewers.of(person, course));
    }

    /** Submissions of different students that are equal but for the names in them. */
    @GetMapping("/twins")
    List<Twins.TwinGroup> twins(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        return twins.view(exercise, course -> viewers.of(person, course));
    }

    /** Whether those who mark it mark alike. */
    @GetMapping("/evenness")
    Evenness.EvennessView evenness(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        return evenness.view(exercise, course -> viewers.of(person, course));
    }

    /** The sheet as RFC 4180 describes CSV, in UTF-8. */
    @GetMapping(path = "/grades.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        Grades.Sheet sheet = sheet(exercise, person);
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
