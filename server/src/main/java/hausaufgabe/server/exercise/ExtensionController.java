package hausaufgabe.server.exercise;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Other deadlines for some students of an exercise. */
@RestController
@RequestMapping("/api/exercises/{exercise}/extensions")
class ExtensionController {

    private final Extensions extensions;
    private final Exercises exercises;
    private final Courses courses;

    ExtensionController(Extensions extensions, Exercises exercises, Courses courses) {
        this.extensions = extensions;
        this.exercises = exercises;
        this.courses = courses;
    }

    /** @param seen the other deadline that stands there for whoever asks; left out where none does */
    record GivenExtension(
            @Nullable Instant dueAt,
            @Nullable String reason,
            @Nullable Instant seen) {}

    /** Who may hand in later, and until when. */
    @GetMapping
    List<Extensions.ExtensionLine> all(@PathVariable long exercise) {
        return extensions.lines(exercise);
    }

    /** Lets a student hand in until another time. */
    @PutMapping("/{student}")
    List<Extensions.ExtensionLine> give(
            @PathVariable long exercise,
            @PathVariable long student,
            @RequestBody GivenExtension given,
            @AuthenticationPrincipal Person person) {
        courses.student(exercises.line(exercise).courseId(), student);
        extensions.give(exercise, student, given.dueAt(), given.reason(), given.seen(), person);
        return extensions.lines(exercise);
    }

    /**
     * Takes a later deadline back.
     *
     * @param seen the one that stands there for whoever asks
     */
    @DeleteMapping("/{student}")
    List<Extensions.ExtensionLine> withdraw(
            @PathVariable long exercise,
            @PathVariable long student,
            @RequestParam(required = false) @Nullable Instant seen,
            @AuthenticationPrincipal Person person) {
        extensions.withdraw(exercise, student, seen, person);
        return extensions.lines(exercise);
    }
}
