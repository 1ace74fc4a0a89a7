package hausaufgabe.server.grade;

import hausaufgabe.core.grading.Scale;
import hausaufgabe.core.grading.Scheme;
import hausaufgabe.core.grading.SchemeException;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Staffing;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The grades of a course. */
@RestController
@RequestMapping("/api/courses/{course}")
class CourseGradeController {

    private final CourseSheets sheets;
    private final Schemes schemes;
    private final CourseHistory history;
    private final Staffing staffing;

    CourseGradeController(CourseSheets sheets, Schemes schemes, CourseHistory history, Staffing staffing) {
        this.sheets = sheets;
        this.schemes = schemes;
        this.history = history;
        this.staffing = staffing;
    }

    record GivenPart(
            @NotNull String title,
            @NotNull BigDecimal weight,
            @NotNull List<Long> exercises,
            @Nullable Integer best,
            @Nullable Boolean alike,
            @Nullable Boolean bonus,
            @Nullable BigDecimal minimum) {}

    record GivenStep(
            @NotNull BigDecimal from,
            @NotNull String grade,
            @Nullable Boolean passes) {}

    record GivenScheme(
            @NotNull List<GivenPart> parts,
            @NotNull Integer places,
            Scheme.@NotNull Direction rounding,
            @NotNull List<GivenStep> steps) {}

    /** @param student whom it is wanted for; all where left out */
    @GetMapping("/grades")
    CourseSheets.CourseSheet sheet(
            @PathVariable long course,
            @RequestParam(required = false) Set<Long> student,
            @AuthenticationPrincipal Person person) {
        return sheets.sheet(course, student, staffing.sight(person, course));
    }

    /** Everything that was decided in the course, the newest first; what is left out of the question does not matter. */
    @GetMapping("/history")
    CourseHistory.HistoryPage history(
            @PathVariable long course,
            @RequestParam(required = false) Long exercise,
            @RequestParam(required = false) Long student,
            @RequestParam(required = false) Long who,
            @RequestParam(required = false) String what,
            @RequestParam(required = false) Instant before,
            @AuthenticationPrincipal Person person) {
        return history.page(
                course, new CourseHistory.Wanted(exercise, student, who, what, before), staffing.sight(person, course));
    }

    @GetMapping("/scheme")
    ResponseEntity<Schemes.SchemeView> scheme(@PathVariable long course) {
        return tagged(schemes.of(course));
    }

    /** What everybody would get by a scheme that is not kept. */
    @PostMapping("/scheme/outlook")
    CourseSheets.CourseSheet outlook(
            @PathVariable long course, @RequestBody GivenScheme given, @AuthenticationPrincipal Person person) {
        return sheets.outlook(course, read(given), staffing.sight(person, course));
    }

    @PutMapping("/scheme")
    ResponseEntity<Schemes.SchemeView> write(
            @PathVariable long course,
            @RequestBody GivenScheme given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person person) {
        return tagged(schemes.write(course, read(given), match.replace("\"", ""), person));
    }

    private static ResponseEntity<Schemes.SchemeView> tagged(Schemes.SchemeView view) {
        return ResponseEntity.ok().eTag('"' + view.version() + '"').body(view);
    }

    private static Scheme read(GivenScheme given) {
        return told(() -> new Scheme(
                given.parts().stream()
                        .map(p -> new Scheme.Part(
                                p.title() == null ? "" : p.title().strip(),
                                p.weight() == null ? BigDecimal.ZERO : p.weight(),
                                p.exercises() == null ? List.of() : p.exercises(),
                                p.best(),
                                Boolean.TRUE.equals(p.alike()),
                                Boolean.TRUE.equals(p.bonus()),
                                p.minimum()))
                        .toList(),
                given.places(),
                given.rounding(),
                new Scale(given.steps().stream()
                        .map(s -> new Scale.Step(
                                s.from() == null ? BigDecimal.ZERO : s.from(),
                                s.grade() == null ? "" : s.grade().strip(),
                                Boolean.TRUE.equals(s.passes())))
                        .toList())));
    }

    private static <T> T told(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (SchemeException e) {
            throw Problem.badRequest(e.getMessage() + " Nothing was changed.");
        }
    }
}
