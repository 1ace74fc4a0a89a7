package hausaufgabe.server.submission;

import hausaufgabe.server.account.Person;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Handing in, checking again, and following checks. */
@RestController
class SubmissionController {

    private final Submissions submissions;
    private final Steps steps;
    private final Reach reach;
    private final News news;

    SubmissionController(Submissions submissions, Steps steps, Reach reach, News news) {
        this.submissions = submissions;
        this.steps = steps;
        this.reach = reach;
        this.news = news;
    }

    /** A submission that was taken. */
    record Taken(long id, int attempt) {}

    /** Hands in for a student. It is checked in the background. */
    @PostMapping(path = "/api/exercises/{exercise}/submissions", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Taken handIn(
            @PathVariable long exercise,
            @RequestParam long student,
            @RequestParam("files") List<MultipartFile> files,
            @AuthenticationPrincipal Person staff)
            throws IOException {
        reach.check(staff, exercise, student);
        HandedIn taken = submissions.handIn(exercise, student, Uploads.byPath(files, Uploads.ONE), staff.id());
        return new Taken(taken.id(), taken.attempt());
    }

    /** Has a submission checked again, with the version in force. */
    @PostMapping("/api/submissions/{id}/check")
    @ResponseStatus(HttpStatus.ACCEPTED)
    Taken checkAgain(@PathVariable long id) {
        HandedIn s = submissions.checkAgain(id);
        return new Taken(s.id(), s.attempt());
    }

    /** How it came by git, and the steps on the way. */
    @GetMapping("/api/submissions/{id}/push")
    PushView push(@PathVariable long id) {
        submissions.get(id);
        return steps.of(id);
    }

    /** @param submissions how many are checked */
    record ChecksBegun(int submissions) {}

    /** Has everything handed in for an exercise checked with the version in force. */
    @PostMapping("/api/exercises/{exercise}/checks")
    @ResponseStatus(HttpStatus.ACCEPTED)
    ChecksBegun checkAllAgain(@PathVariable long exercise) {
        return new ChecksBegun(submissions.checkAllAgain(exercise));
    }

    record ToCheck(@NotNull List<Long> submissions) {}

    /** Has some of what was handed in checked again. */
    @PostMapping("/api/exercises/{exercise}/submissions/check")
    @ResponseStatus(HttpStatus.ACCEPTED)
    ChecksBegun checkSomeAgain(
            @PathVariable long exercise, @RequestBody ToCheck given, @AuthenticationPrincipal Person staff) {
        List<Long> ids = given.submissions() == null ? List.of() : given.submissions();
        ids.forEach(id -> reach.check(staff, exercise, submissions.get(id).studentId()));
        return new ChecksBegun(submissions.checkSomeAgain(exercise, ids));
    }

    /** Somebody has it open, and says so again before {@link Readers} takes them for gone. */
    @PostMapping("/api/submissions/{id}/reading")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void reading(@PathVariable long id, @AuthenticationPrincipal Person staff) {
        news.reads(submissions.get(id), staff);
    }

    /** Somebody has closed it. */
    @PostMapping("/api/submissions/{id}/reading/end")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void readNoMore(@PathVariable long id, @AuthenticationPrincipal Person staff) {
        news.leaves(id, staff);
    }

    /** What happens in the courses of whoever asks, as server-sent events. */
    @GetMapping(path = "/api/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter news(@AuthenticationPrincipal Person staff) {
        return news.listen(staff);
    }
}
