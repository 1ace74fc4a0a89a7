package hausaufgabe.server.reading;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.exercise.Exercises;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who reads whose work in an exercise. */
@RestController
@RequestMapping("/api/exercises/{exercise}/readers")
class ShareController {

    private final Assignments assignments;
    private final Exercises exercises;
    private final Staffing staffing;

    ShareController(Assignments assignments, Exercises exercises, Staffing staffing) {
        this.assignments = assignments;
        this.exercises = exercises;
        this.staffing = staffing;
    }

    /** @param anew whether what was given to somebody is shared out again; false where left out */
    record GivenShares(
            Assignments.@NotNull Way way,
            @NotNull List<Long> readers,
            @Nullable Boolean anew) {}

    /**
     * @param from who had it when this was asked for; null for the stack
     * @param to null for back to the stack
     */
    record GivenReader(@Nullable Long from, @Nullable Long to) {}

    record Next(long submission) {}

    /** Who reads whose work. */
    @GetMapping
    Assignments.SharesView view(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        return assignments.view(
                exercise, staffing.sight(person, exercises.line(exercise).courseId()), person);
    }

    /** Shares work out that nobody has settled. */
    @PostMapping
    Assignments.SharesView shareOut(
            @PathVariable long exercise, @RequestBody GivenShares given, @AuthenticationPrincipal Person person) {
        assignments.shareOut(
                exercise,
                given.way() == null ? Assignments.Way.EVENLY : given.way(),
                given.readers() == null ? List.of() : given.readers(),
                Boolean.TRUE.equals(given.anew()),
                person);
        return view(exercise, person);
    }

    /** Takes the next one from the common stack. */
    @PostMapping("/next")
    Next takeNext(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        return new Next(assignments.takeNext(exercise, person));
    }

    /** Gives a student’s work from one reader to another. */
    @PutMapping("/{student}")
    Assignments.SharesView handOver(
            @PathVariable long exercise,
            @PathVariable long student,
            @RequestBody GivenReader given,
            @AuthenticationPrincipal Person person) {
        assignments.handOver(exercise, student, given.from(), given.to(), person);
        return view(exercise, person);
    }
}
