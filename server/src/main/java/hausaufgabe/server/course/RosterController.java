package hausaufgabe.server.course;

import hausaufgabe.server.Csv;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The students of a course: lists in and out, one by one, and the links they sign in by at first. */
@RestController
@RequestMapping("/api/courses/{id}")
class RosterController {

    /** How many lines of a plan are told; the counts are of all. */
    private static final int TOLD = 2_000;

    private static final int SAMPLES = 3;

    private final Rosters rosters;
    private final Courses courses;
    private final Staffing staffing;

    RosterController(Rosters rosters, Courses courses, Staffing staffing) {
        this.rosters = rosters;
        this.courses = courses;
        this.staffing = staffing;
    }

    /** @param samples some of what stands in it */
    record RosterColumn(String header, RosterField field, List<String> samples) {}

    /**
     * What becomes of a line.
     *
     * @param record which one of the file's, from 1
     * @param before null for somebody new
     * @param why why it is left out; null where it is not
     */
    record PlannedLine(
            long record,
            RosterPlan.What what,
            Student student,
            @Nullable Student before,
            @Nullable String why) {}

    /**
     * What a roster would change.
     *
     * @param problem why nothing can be said yet; null where it can
     * @param counts how many lines become what
     * @param lines those that change something or are left out, at most 2,000
     * @param missing those in the course whom the file does not list
     * @param fingerprint to be sent with the same file to have it done; null while there is a problem
     */
    record PlannedRoster(
            String separator,
            String encoding,
            List<RosterColumn> columns,
            @Nullable String problem,
            Map<RosterPlan.What, Integer> counts,
            List<PlannedLine> lines,
            List<Student> missing,
            @Nullable String fingerprint) {}

    record GivenStudent(
            @NotNull String number,
            @NotNull String name,
            @Nullable String group,
            @Nullable String email) {

        Student student() {
            return new Student(0, plain(number), plain(name), plain(group), plain(email), false);
        }

        private static String plain(@Nullable String text) {
            return text == null ? "" : text.strip();
        }
    }

    record Left(@NotNull Boolean left) {}

    /** @param students null for all who have not signed in yet */
    record LinksWanted(@Nullable List<Long> students) {}

    /** Everybody in the course, with how they sign in. */
    @GetMapping("/students")
    List<Rosters.StudentLine> students(@PathVariable long id, @AuthenticationPrincipal Person person) {
        Sight sight = staffing.sight(person, id);
        return rosters.lines(id).stream().filter(l -> sight.sees(l.student())).toList();
    }

    /** The roster as RFC 4180 describes CSV, in UTF-8; what an import takes. */
    @GetMapping(path = "/students.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(@PathVariable long id, @AuthenticationPrincipal Person person) {
        Sight sight = staffing.sight(person, id);
        List<Student> all = courses.students(id);
        return Csv.file(
                "roster-" + courses.heading(id).title() + ".csv",
                List.of("number", "name", "group", "email"),
                all.stream()
                        .filter(s -> !s.left() && sight.sees(s))
                        .map(s -> List.<Object>of(s.number(), s.name(), s.group(), s.email()))
                        .toList());
    }

    private static String nameOf(MultipartFile file) {
        String name = file.getOriginalFilename();
        return name == null || name.isBlank() ? "The file" : name;
    }

    /**
     * Says what a roster would change, and changes nothing.
     *
     * @param columns what each column is, separated by commas; left out to guess
     */
    @PostMapping(path = "/roster/plan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PlannedRoster plan(
            @PathVariable long id,
            @RequestParam MultipartFile roster,
            @RequestParam(required = false) @Nullable String columns)
            throws IOException {
        courses.heading(id);
        String name = nameOf(roster);
        RosterTable table = rosters.table(name, roster.getBytes());
        List<RosterField> fields = columns == null || columns.isBlank() ? RosterField.guess(table) : fields(columns);
        try {
            return view(rosters.plan(id, name, roster.getBytes(), fields));
        } catch (Problem e) {
            if (fields.size() != table.header().size()) {
                throw e;
            }
            return new PlannedRoster(
                    table.separator(),
                    table.encoding(),
                    columns(table, fields),
                    e.getMessage(),
                    Map.of(),
                    List.of(),
                    List.of(),
                    null);
        }
    }

    private static List<RosterField> fields(String columns) {
        try {
            return Arrays.stream(columns.split(",", -1))
                    .map(c -> RosterField.valueOf(c.strip()))
                    .toList();
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("A column is one of " + Arrays.toString(RosterField.values()) + ".");
        }
    }

    private static List<RosterColumn> columns(RosterTable table, List<RosterField> fields) {
        return IntStream.range(0, fields.size())
                .mapToObj(i -> new RosterColumn(
                        table.header().get(i),
                        fields.get(i),
                        table.lines().stream()
                                .map(l -> l.cells().get(i))
                                .filter(c -> !c.isEmpty())
                                .limit(SAMPLES)
                                .toList()))
                .toList();
    }

    private static PlannedRoster view(RosterPlan plan) {
        Map<RosterPlan.What, Integer> counts = new EnumMap<>(RosterPlan.What.class);
        for (RosterPlan.What w : RosterPlan.What.values()) {
            counts.put(w, 0);
        }
        plan.rows().forEach(r -> counts.merge(r.what(), 1, Integer::sum));
        return new PlannedRoster(
                plan.table().separator(),
                plan.table().encoding(),
                columns(plan.table(), plan.fields()),
                null,
                counts,
                plan.rows().stream()
                        .filter(r -> r.what() != RosterPlan.What.SAME)
                        .limit(TOLD)
                        .map(r -> new PlannedLine(r.record(), r.what(), r.student(), r.before(), r.why()))
                        .toList(),
                plan.missing(),
                Rosters.fingerprint(plan));
    }

    /**
     * Does what a plan said: all of it, or nothing.
     *
     * @param missingLeave whether those whom the file does not list leave the course
     * @param fingerprint of the plan that was looked at
     */
    @PostMapping(path = "/roster", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<Rosters.StudentLine> enrol(
            @PathVariable long id,
            @RequestParam MultipartFile roster,
            @RequestParam String columns,
            @RequestParam(defaultValue = "false") boolean missingLeave,
            @RequestParam String fingerprint)
            throws IOException {
        RosterPlan plan = rosters.plan(id, nameOf(roster), roster.getBytes(), fields(columns));
        rosters.apply(id, plan, missingLeave, fingerprint);
        return rosters.lines(id);
    }

    /** Adds a student. */
    @PostMapping("/students")
    @ResponseStatus(HttpStatus.CREATED)
    Rosters.StudentLine add(@PathVariable long id, @RequestBody GivenStudent given) {
        return rosters.put(id, null, given.student());
    }

    /** Changes what is known of a student. */
    @PutMapping("/students/{student}")
    Rosters.StudentLine change(@PathVariable long id, @PathVariable long student, @RequestBody GivenStudent given) {
        return rosters.put(id, student, given.student());
    }

    /** Says that a student has left the course, or is back. What they handed in stays. */
    @PutMapping("/students/{student}/left")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable long id, @PathVariable long student, @RequestBody Left given) {
        rosters.leave(id, student, Boolean.TRUE.equals(given.left()));
    }

    /** Makes links by which students choose their passwords; each is told this once. */
    @PostMapping("/roster/links")
    List<Rosters.StudentLink> links(
            @PathVariable long id, @RequestBody LinksWanted wanted, @AuthenticationPrincipal Person person) {
        return rosters.links(id, wanted.students(), person);
    }
}
