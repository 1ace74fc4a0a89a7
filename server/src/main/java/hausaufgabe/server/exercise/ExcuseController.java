package hausaufgabe.server.exercise;

import hausaufgabe.server.account.Person;
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

/** Who need not hand in. */
@RestController
@RequestMapping("/api/exercises/{exercise}/excuses")
class ExcuseController {

    private final Excuses excuses;

    ExcuseController(Excuses excuses) {
        this.excuses = excuses;
    }

    /** @param seen the reason that stands there for whoever asks; left out where none does */
    record GivenExcuse(@Nullable String reason, @Nullable String seen) {}

    /** Who need not hand in, and why. */
    @GetMapping
    List<Excuses.ExcuseLine> all(@PathVariable long exercise) {
        return excuses.of(List.of(exercise));
    }

    /** Excuses a student, with a reason. */
    @PutMapping("/{student}")
    List<Excuses.ExcuseLine> give(
            @PathVariable long exercise,
            @PathVariable long student,
            @RequestBody GivenExcuse given,
            @AuthenticationPrincipal Person person) {
        excuses.give(exercise, student, given.reason(), given.seen(), person);
        return all(exercise);
    }

    /**
     * Takes an excuse back.
     *
     * @param seen the reason that stands there for whoever asks
     */
    @DeleteMapping("/{student}")
    List<Excuses.ExcuseLine> withdraw(
            @PathVariable long exercise,
            @PathVariable long student,
            @RequestParam(required = false) @Nullable String seen,
            @AuthenticationPrincipal Person person) {
        excuses.withdraw(exercise, student, seen, person);
        return all(exercise);
    }
}
