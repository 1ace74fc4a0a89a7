package hausaufgabe.server.reading;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.exercise.Exercises;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is read a second time in an exercise, and where the two differ. */
@RestController
@RequestMapping("/api/exercises/{exercise}/second")
class SecondController {

    private final Sampling sampling;
    private final Exercises exercises;
    private final Staffing staffing;

    SecondController(Sampling sampling, Exercises exercises, Staffing staffing) {
        this.sampling = sampling;
        this.exercises = exercises;
        this.staffing = staffing;
    }

    /**
     * @param percent the share of what is settled that is read twice
     * @param blind whether the second sees nothing of the first; true where left out
     */
    record GivenSample(@NotNull Integer percent, @Nullable Boolean blind) {}

    record GivenSettlement(@NotNull Double points, @Nullable String reason) {}

    /** What is read a second time, and where the two differ. */
    @GetMapping
    Sampling.SecondView view(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        return sampling.view(
                exercise, staffing.sight(person, exercises.line(exercise).courseId()), person);
    }

    /** Draws what is read a second time. */
    @PostMapping
    Sampling.SecondView draw(
            @PathVariable long exercise, @RequestBody GivenSample given, @AuthenticationPrincipal Person person) {
        sampling.draw(
                exercise, given.percent() == null ? 0 : given.percent(), !Boolean.FALSE.equals(given.blind()), person);
        return view(exercise, person);
    }

    /** Calls off what nobody has finished. */
    @DeleteMapping
    Sampling.SecondView callOff(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        sampling.callOff(exercise, person);
        return view(exercise, person);
    }

    /** Settles where two readers differ. */
    @PutMapping("/{reading}")
    Sampling.SecondView settle(
            @PathVariable long exercise,
            @PathVariable long reading,
            @RequestParam String item,
            @RequestBody GivenSettlement given,
            @RequestHeader("If-Match") String match,
            @AuthenticationPrincipal Person person) {
        sampling.settle(
                exercise,
                reading,
                item,
                given.points() == null ? -1 : given.points(),
                given.reason(),
                match.replace("\"", ""),
                person);
        return view(exercise, person);
    }
}
