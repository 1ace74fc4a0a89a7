package hausaufgabe.server.grade;

import hausaufgabe.core.grading.CourseGrade;
import hausaufgabe.core.grading.Scale;
import hausaufgabe.core.grading.Scheme;
import hausaufgabe.core.grading.SchemeException;
import hausaufgabe.server.Csv;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
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
    private final Pace pace;
    private final Viewer.Viewers viewers;

    CourseGradeController(
            CourseSheets sheets, Schemes schemes, CourseHistory history, Pace pace, Viewer.Viewers viewers) {
        this.sheets = sheets;
        this.schemes = schemes;
        this.history = history;
        this.pace = pace;
        this.viewers = viewers;
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

    /**
     * Every student of a course with every exercise, and what they come to.
     *
     * @param student whom it is wanted for; all where left out
     */
    @GetMapping("/grades")
    CourseSheets.CourseSheet sheet(
            @PathVariable long course,
            @RequestParam(required = false) Set<Long> student,
            @AuthenticationPrincipal Person person) {
        return sheets.sheet(course, student, viewers.of(person, course));
    }

    /** The sheet as RFC 4180 describes CSV, in UTF-8. */
    @GetMapping(path = "/grades.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(
            @PathVariable long course,
            @RequestParam(defaultValue = "false") boolean comma,
            @AuthenticationPrincipal Person person) {
        CourseSheets.CourseSheet sheet = sheet(course, null, person);
        List<String> columns = new ArrayList<>(List.of("number", "name", "group"));
        sheet.columns().forEach(c -> columns.add(c.number() + " " + c.title()));
        columns.addAll(List.of("percent", "grade", "passed"));
        return Csv.file(
                "grades-" + sheet.course() + ".csv",
                columns,
                sheet.lines().stream()
                        .map(l -> cells(l, sheet.columns().size(), comma))
                        .toList());
    }

    private static List<Object> cells(CourseSheets.SheetLine line, int columns, boolean comma) {
        Object[] points = new Object[columns];
        Arrays.fill(points, "");
        for (CourseSheets.SheetCell c : line.cells()) {
            points[c.column()] = c.excused() != null
                    ? "excused"
                    : c.points() == null ? "" : decimal(BigDecimal.valueOf(c.points()), comma);
        }
        List<Object> cells = new ArrayList<>(List.of(
                line.student().number(), line.student().name(), line.student().group()));
        cells.addAll(Arrays.asList(points));
        CourseGrade g = line.grade();
        cells.add(g.percent() == null ? "" : decimal(g.percent(), comma));
        cells.add(g.grade() == null ? "" : g.grade());
        cells.add(g.passed() == null ? "" : g.passed() ? "yes" : "no");
        return cells;
    }

    private static String decimal(BigDecimal number, boolean comma) {
        String plain = number.stripTrailingZeros().toPlainString();
        return comma ? plain.replace('.', ',') : plain;
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
                course, new CourseHistory.Wanted(exercise, student, who, what, before), viewers.of(person, course));
    }

    /** When the work of the course was handed in, and when somebody had settled it, exercise by exercise. */
    @GetMapping("/pace")
    List<Pace.ExercisePace> pace(@PathVariable long course, @AuthenticationPrincipal Person person) {
        return pace.of(course, viewers.of(person, course));
    }

    /** How the grade of a course is reckoned. Its ETag goes with a change. */
    @GetMapping("/scheme")
    ResponseEntity<Schemes.SchemeView> scheme(@PathVariable long course) {
        return tagged(schemes.of(course));
    }

    /** What everybody would get by a scheme that is not kept. */
    @PostMapping("/scheme/outlook")
    CourseSheets.CourseSheet outlook(
            @PathVariable long course, @RequestBody GivenScheme given, @AuthenticationPrincipal Person person) {
        return sheets.outlook(course, read(given), viewers.of(person, course));
    }

    /** Says how the grade of a course is reckoned. */
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
                        .map(p -> new Scheme.Portion(
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
                        .map(s -> new Scale.GradeStep(
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
