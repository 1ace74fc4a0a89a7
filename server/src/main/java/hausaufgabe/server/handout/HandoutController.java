package hausaufgabe.server.handout;

import hausaufgabe.server.Downloads;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.review.Returns;
import hausaufgabe.server.review.SecondMarks;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Marked work on paper: all of an exercise for the staff, one's own for a student. */
@RestController
class HandoutController {

    /** Of every student the last attempt that somebody has settled. */
    private static final String SETTLED = """
            select max(s.id) from submission s
            join review v on v.submission_id = s.id
            where s.exercise_id = :exercise and v.settled_by is not null
            group by s.student_id
            """;

    private final Handouts handouts;
    private final Paper paper;
    private final Returns returns;
    private final SecondMarks second;
    private final Submissions submissions;
    private final Exercises exercises;
    private final Courses courses;
    private final Staffing staffing;
    private final JdbcClient records;
    private final Clock clock;

    HandoutController(
            Handouts handouts,
            Paper paper,
            Returns returns,
            SecondMarks second,
            Submissions submissions,
            Exercises exercises,
            Courses courses,
            Staffing staffing,
            JdbcClient records,
            Clock clock) {
        this.handouts = handouts;
        this.paper = paper;
        this.returns = returns;
        this.second = second;
        this.submissions = submissions;
        this.exercises = exercises;
        this.courses = courses;
        this.staffing = staffing;
        this.records = records;
        this.clock = clock;
    }

    /** Whose work goes into the zip, and what it is called there. */
    private record Entry(long submission, String name) {}

    /** What each student gets, as a page and as a PDF, of all whose work is settled; made while it is fetched. */
    @GetMapping(path = "/api/exercises/{exercise}/feedback.zip", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> all(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        Exercises.Line line = exercises.line(exercise);
        Sight sight = staffing.sight(person, line.courseId());
        Set<Long> hidden = second.hidden(person);
        List<Entry> entries = new ArrayList<>();
        for (long id : records.sql(SETTLED)
                .param("exercise", exercise)
                .query(Long.class)
                .list()) {
            Student student =
                    courses.student(line.courseId(), submissions.get(id).studentId());
            if (sight.sees(student) && !hidden.contains(id)) {
                entries.add(new Entry(id, nameOf(student)));
            }
        }
        if (entries.isEmpty()) {
            throw Problem.conflict("Nothing is settled yet. What is, can be taken out as paper.");
        }
        return Downloads.named("feedback-" + line.number() + "-" + line.title() + ".zip")
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(out -> write(entries, out));
    }

    private void write(List<Entry> entries, OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (Entry e : entries) {
                HandedIn s = submissions.get(e.submission());
                String page = paper.page(handouts.of(s, returns.outlook(s, Instant.now(clock))));
                zip.putNextEntry(new ZipEntry(e.name() + ".html"));
                zip.write(page.getBytes(StandardCharsets.UTF_8));
                zip.putNextEntry(new ZipEntry(e.name() + ".pdf"));
                zip.write(paper.pdf(page));
                zip.closeEntry();
                zip.flush();
            }
        }
    }

    /** Group, number and name, in letters that every system takes for a file. */
    private static String nameOf(Student s) {
        return part(s.group().isBlank() ? "no group" : "group " + s.group()) + "/" + part(s.number() + " " + s.name());
    }

    private static String part(String text) {
        String spelled = text.toLowerCase(Locale.ROOT)
                .replace("ß", "ss")
                .replace("ä", "ae")
                .replace("ö", "oe")
                .replace("ü", "ue");
        String plain = Normalizer.normalize(spelled, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? "nameless" : plain;
    }

    /** One's own work that was given back, as a PDF. */
    @GetMapping(path = "/api/submissions/{id}/mine/feedback.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> own(@PathVariable long id, @AuthenticationPrincipal Person person) {
        HandedIn s = submissions.get(id);
        long course = exercises.line(s.exerciseId()).courseId();
        if (courses.studying(person, course).id() != s.studentId()) {
            throw Problem.notFound("There is no such attempt of yours.");
        }
        Returns.ReturnedWork work =
                returns.of(s).orElseThrow(() -> Problem.conflict("This work was not given back to you yet."));
        return Downloads.named("feedback-" + exercises.line(s.exerciseId()).number() + ".pdf")
                .contentType(MediaType.APPLICATION_PDF)
                .body(paper.pdf(paper.page(handouts.of(s, work))));
    }
}
