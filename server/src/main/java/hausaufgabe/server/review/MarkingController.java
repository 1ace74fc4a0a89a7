package hausaufgabe.server.review;

import hausaufgabe.checking.archive.Upload;
import hausaufgabe.core.reading.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.account.Staff;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
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
    private final Courses courses;
    private final Reviews reviews;

    MarkingController(Submissions submissions, Exercises exercises, Courses courses, Reviews reviews) {
        this.submissions = submissions;
        this.exercises = exercises;
        this.courses = courses;
        this.reviews = reviews;
    }

    record Place(long exerciseId, int number, String title, String course) {}

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
            String progress,
            String failure,
            CheckReport report,
            List<SourceFile> sources,
            ReviewView review) {}

    record GivenPoints(@NotNull Double points, String reason) {}

    record Feedback(@NotNull String text) {}

    record Settled(@NotNull Boolean settled) {}

    @GetMapping
    ResponseEntity<SubmissionView> view(@PathVariable long id) {
        HandedIn s = submissions.get(id);
        Exercises.Setting e = exercises.get(s.exerciseId());
        Upload upload = submissions.sources(id);
        ReviewView review = reviews.view(s);
        SubmissionView view = new SubmissionView(
                s.id(),
                new Place(
                        e.id(),
                        e.number(),
                        e.title(),
                        courses.first().map(Courses.Heading::title).orElse("")),
                courses.student(s.studentId()),
                s.attempt(),
                submissions.attempts(s.exerciseId(), s.studentId()).stream()
                        .map(a -> new AttemptLink(a.id(), a.attempt()))
                        .toList(),
                s.uploadedAt(),
                s.uploadedAt().isAfter(e.dueAt()),
                s.state(),
                s.progress(),
                s.failure(),
                s.checked(),
                upload.sources(),
                review);
        return ResponseEntity.ok().eTag('"' + review.version() + '"').body(view);
    }

    @PutMapping("/points")
    ReviewView decide(
            @PathVariable long id,
            @RequestParam String item,
            @RequestBody GivenPoints given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Staff staff) {
        double points = given.points() == null ? -1 : given.points();
        reviews.decide(id, item, points, given.reason(), version(match), staff);
        return reviews.view(submissions.get(id));
    }

    @DeleteMapping("/points")
    ReviewView withdraw(
            @PathVariable long id,
            @RequestParam String item,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Staff staff) {
        reviews.withdraw(id, item, version(match), staff);
        return reviews.view(submissions.get(id));
    }

    @PutMapping("/feedback")
    ReviewView feedback(
            @PathVariable long id,
            @RequestBody Feedback given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Staff staff) {
        reviews.writeFeedback(id, given.text() == null ? "" : given.text(), version(match), staff);
        return reviews.view(submissions.get(id));
    }

    @PutMapping("/settled")
    ReviewView settle(
            @PathVariable long id,
            @RequestBody Settled given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Staff staff) {
        reviews.settle(id, Boolean.TRUE.equals(given.settled()), version(match), staff);
        return reviews.view(submissions.get(id));
    }

    private static String version(String ifMatch) {
        return ifMatch.replace("W/", "").replace("\"", "");
    }
}
