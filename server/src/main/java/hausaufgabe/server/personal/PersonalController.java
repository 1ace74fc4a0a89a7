package hausaufgabe.server.personal;

import hausaufgabe.server.Downloads;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is kept of one student: out, or away. */
@RestController
@RequestMapping("/api/courses/{course}/students/{student}")
class PersonalController {

    private final Extract extract;
    private final Removal removal;
    private final Courses courses;

    PersonalController(Extract extract, Removal removal, Courses courses) {
        this.extract = extract;
        this.removal = removal;
        this.courses = courses;
    }

    /** @param number of the student, said once more */
    record GivenRemoval(@NotNull String number) {}

    /** All that is kept of a student in the course, in one zip. */
    @GetMapping(path = "/data.zip", produces = "application/zip")
    ResponseEntity<byte[]> out(@PathVariable long course, @PathVariable long student) {
        String name = "data-" + courses.student(course, student).number() + ".zip";
        return Downloads.named(name).body(extract.of(course, student));
    }

    /** Removes what is kept of a student, for good; points stay, of nobody. */
    @PostMapping("/removal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable long course,
            @PathVariable long student,
            @RequestBody GivenRemoval given,
            @AuthenticationPrincipal Person person) {
        removal.remove(course, student, given.number(), person);
    }
}
