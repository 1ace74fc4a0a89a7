package hausaufgabe.server.review;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.Submissions;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Remarks in a submission, and the library that a course keeps of them. */
@RestController
class RemarkController {

    private final Remarks remarks;
    private final RemarkLibrary library;
    private final Reviews reviews;
    private final Submissions submissions;
    private final SecondMarks second;

    RemarkController(
            Remarks remarks, RemarkLibrary library, Reviews reviews, Submissions submissions, SecondMarks second) {
        this.remarks = remarks;
        this.library = library;
        this.reviews = reviews;
        this.submissions = submissions;
        this.second = second;
    }

    record Rewritten(@NotNull String text) {}

    /** Says something of a claim or of lines. */
    @PostMapping("/api/submissions/{id}/remarks")
    ReviewView add(
            @PathVariable long id,
            @RequestBody Remarks.NewRemark said,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        MarkingController.requireFirst(second, id, staff);
        remarks.add(id, said, MarkingController.version(match), staff);
        return reviews.view(submissions.get(id));
    }

    /** Changes a remark. */
    @PutMapping("/api/submissions/{id}/remarks/{remark}")
    ReviewView rewrite(
            @PathVariable long id,
            @PathVariable long remark,
            @RequestBody Rewritten given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        remarks.rewrite(id, remark, given.text(), MarkingController.version(match), staff);
        return reviews.view(submissions.get(id));
    }

    /** Takes a remark away. */
    @DeleteMapping("/api/submissions/{id}/remarks/{remark}")
    ReviewView remove(
            @PathVariable long id,
            @PathVariable long remark,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person staff) {
        remarks.remove(id, remark, MarkingController.version(match), staff);
        return reviews.view(submissions.get(id));
    }

    /** The remarks that a course keeps, the most used first. */
    @GetMapping("/api/courses/{course}/remarks")
    List<RemarkLibrary.KeptRemark> library(@PathVariable long course) {
        return library.of(course);
    }

    /** Keeps a remark for the course. */
    @PostMapping("/api/courses/{course}/remarks")
    @ResponseStatus(HttpStatus.CREATED)
    RemarkLibrary.KeptRemark keep(
            @PathVariable long course,
            @RequestBody RemarkLibrary.RemarkToKeep kept,
            @AuthenticationPrincipal Person staff) {
        return library.keep(course, kept, staff);
    }

    /** Changes a remark that the course keeps. */
    @PutMapping("/api/courses/{course}/remarks/{remark}")
    RemarkLibrary.KeptRemark change(
            @PathVariable long course,
            @PathVariable long remark,
            @RequestBody RemarkLibrary.RemarkToKeep kept,
            @AuthenticationPrincipal Person staff) {
        return library.change(course, remark, kept, staff);
    }

    /** Takes a remark out of those that the course keeps. */
    @DeleteMapping("/api/courses/{course}/remarks/{remark}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable long course, @PathVariable long remark) {
        library.remove(course, remark);
    }
}
