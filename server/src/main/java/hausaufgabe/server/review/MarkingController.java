package hausaufgabe.server.review;

import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Extensions;
import hausaufgabe.server.submission.Bindings;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.SourcePiece;
import hausaufgabe.server.submission.Submissions;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The page of one submission, and what is decided there. */
@RestController
@RequestMapping("/api/submissions/{id}")
class MarkingController {

    private final Submissions submissions;
    private final Exercises exercises;
    private final Extensions extensions;
    private final Courses courses;
    private final Reviews reviews;
    private final Bindings bindings;
    private final Accounts accounts;
    private final SecondMarks second;

    MarkingController(
            Submissions submissions,
            Exercises exercises,
            Extensions extensions,
            Courses courses,
            Reviews reviews,
            Bindings bindings,
            Accounts accounts,
            SecondMarks second) {
        this.submissions = submissions;
        this.exercises = exercises;
        this.extensions = extensions;
        this.courses = courses;
        this.reviews = reviews;
        this.bindings = bindings;
        this.accounts = accounts;
        this.second = second;
    }

    /** @param version number of the version in force */
    record Place(long exerciseId, int number, String title, String course, long courseId, int version) {}

    record AttemptLink(long id, int attempt) {}

    record SubmissionView(
            long id,
            Place exercise,
            Student student,
            int attempt,
            List<AttemptLink> attempts,
            Instant uploadedAt,
            boolean late,
            HandedIn.State state,
            @Nullable String progress,
            @Nullable String failure,
            @Nullable CheckReport report,
            @Nullable Integer version,
            List<SourceLine> sources,
            List<Criterion> criteria,
            @Nullable BindingView binding,
            ReviewView review) {}

    /**
     * A file that was handed in.
     *
     * @param lines how many it has
     */
    record SourceLine(String path, int lines) {}

    record GivenPoints(@NotNull Double points, @Nullable String reason) {}

    record Feedback(@NotNull String text) {}

    /** @param open whether it may be settled although something waits for a person; false where left out */
    record Settled(@NotNull Boolean settled, @Nullable Boolean open) {}

    /**
     * Roles that a person gave.
     *
     * @param roles ids of types by role
     */
    record BindingView(Map<String, List<String>> roles, String reason, String by, Instant at) {}

    /** A submission: its report, and what people made of it. Its ETag goes with a change. */
    @GetMapping
    ResponseEntity<SubmissionView> view(@PathVariable long id, @AuthenticationPrincipal Person staff) {
        submissions.lookAt(id);
        HandedIn s = submissions.get(id);
        Exercises.Line e = exercises.line(s.exerciseId());
        Exercises.Version inForce = exercises.opened(s.exerciseId());
        List<SourceLine> sources = files(id).stream()
                .map(f -> new SourceLine(f.path(), (int) f.text().lines().count()))
                .toList();
        ReviewView review = marks(s, staff);
        SubmissionView view = new SubmissionView(
                s.id(),
                new Place(
                        e.id(),
                        e.number(),
                        e.title(),
                        courses.heading(e.courseId()).title(),
                        e.courseId(),
                        inForce.number()),
                courses.student(e.courseId(), s.studentId()),
                s.attempt(),
                submissions.attempts(s.exerciseId(), s.studentId()).stream()
                        .map(a -> new AttemptLink(a.id(), a.attempt()))
                        .toList(),
                s.uploadedAt(),
                inForce.isLate(s.uploadedAt(), extensions.of(s.exerciseId(), s.studentId())),
                s.state(),
                s.progress(),
                s.failure(),
                s.checked(),
                s.version(),
                sources,
                s.criteria(),
                bindings.of(id)
                        .map(b -> new BindingView(
                                b.roles(), b.reason(), accounts.names().get(b.by()), b.at()))
                        .orElse(null),
                review);
        return ResponseEntity.ok().eTag('"' + review.version() + '"').body(view);
    }

    /** What was handed in; nothing where that can no longer be read, which the check's failure says. */
    private List<SourceFile> files(long id) {
        try {
            return submissions.sources(id).sources();
        } catch (Problem e) {
            return List.of();
        }
    }

    /**
     * A file's text, at most {@value SourcePiece#LINES} lines of it.
     *
     * @param from the first line wanted, from 1
     */
    @GetMapping("/source")
    ResponseEntity<SourcePiece> source(
            @PathVariable long id, @RequestParam String path, @RequestParam(defaultValue = "1") int from) {
        return ResponseEntity.ok()
                // what was handed in never changes
                .cacheControl(
                        CacheControl.maxAge(1, TimeUnit.HOURS).cachePrivate().immutable())
                .body(submissions.piece(id, path, from));
    }

    /** Gives points for something that was asked. Other points than proposed need a reason. */
    @PutMapping("/points")
    ReviewView decide(
            @PathVariable long id,
            @RequestParam String item,
            @RequestBody GivenPoints given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        double points = given.points() == null ? -1 : given.points();
        HandedIn s = submissions.get(id);
        if (second.isRead(id, staff)) {
            second.decide(s, item, points, given.reason(), version(match), staff);
        } else {
            reviews.decide(id, item, points, given.reason(), version(match), staff);
        }
        return marks(s, staff);
    }

    /** Goes back to the points that the check proposes. */
    @DeleteMapping("/points")
    ReviewView withdraw(
            @PathVariable long id,
            @RequestParam String item,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        HandedIn s = submissions.get(id);
        if (second.isRead(id, staff)) {
            second.withdraw(s, item, version(match), staff);
        } else {
            reviews.withdraw(id, item, version(match), staff);
        }
        return marks(s, staff);
    }

    /** Writes the feedback on the whole, in Markdown. */
    @PutMapping("/feedback")
    ReviewView feedback(
            @PathVariable long id,
            @RequestBody Feedback given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        requireFirst(second, id, staff);
        reviews.writeFeedback(id, given.text() == null ? "" : given.text(), version(match), staff);
        return reviews.view(submissions.get(id));
    }

    /** Says that a person has looked at everything, or takes it back. */
    @PutMapping("/settled")
    ReviewView settle(
            @PathVariable long id,
            @RequestBody Settled given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        HandedIn s = submissions.get(id);
        if (second.isRead(id, staff)) {
            second.finish(s, version(match), staff);
        } else {
            reviews.settle(
                    id, Boolean.TRUE.equals(given.settled()), Boolean.TRUE.equals(given.open()), version(match), staff);
        }
        return marks(s, staff);
    }

    /** The marks as whoever asks is to see them. */
    private ReviewView marks(HandedIn s, Person person) {
        return second.view(s, person).orElseGet(() -> reviews.view(s));
    }

    /** @throws Problem for whoever reads it a second time: what the student is told is the first reader's */
    static void requireFirst(SecondMarks second, long submission, Person person) {
        if (second.isRead(submission, person)) {
            throw Problem.conflict("You read this a second time, so that only your points count here. Finish that"
                    + " first; feedback and remarks can be written then. Nothing was changed.");
        }
    }

    static String version(String ifMatch) {
        return ifMatch.replace("W/", "").replace("\"", "");
    }
}
