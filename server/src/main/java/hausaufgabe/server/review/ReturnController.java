package hausaufgabe.server.review;

import hausaufgabe.server.account.Person;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Giving marked work back. */
@RestController
@RequestMapping("/api/exercises/{exercise}/returned")
class ReturnController {

    private final HandBacks handBacks;

    ReturnController(HandBacks handBacks) {
        this.handBacks = handBacks;
    }

    /** @param groups all where left out */
    record GivenOrder(
            @Nullable List<String> groups,
            @Nullable Instant at,
            @Nullable Instant questionsUntil) {}

    record GivenWithdrawal(
            @Nullable List<String> groups, @Nullable String reason) {}

    /** How far an exercise is on the way back to its students. */
    @GetMapping
    HandBacks.HandBackView view(@PathVariable long exercise) {
        return handBacks.view(exercise);
    }

    /** Gives back what is settled, now or at a set time. */
    @PostMapping
    HandBacks.HandBackView giveBack(
            @PathVariable long exercise, @RequestBody GivenOrder given, @AuthenticationPrincipal Person by) {
        return handBacks.order(
                exercise,
                new HandBacks.HandBackOrder(
                        given.groups() == null ? List.of() : given.groups(), given.at(), given.questionsUntil()),
                by);
    }

    /** Takes back what was given back, with a reason. */
    @PostMapping("/withdrawn")
    HandBacks.HandBackView takeBack(
            @PathVariable long exercise, @RequestBody GivenWithdrawal given, @AuthenticationPrincipal Person by) {
        return handBacks.takeBack(exercise, given.groups() == null ? List.of() : given.groups(), given.reason(), by);
    }

    /** Calls off what waits for its time. */
    @DeleteMapping("/{order}")
    HandBacks.HandBackView callOff(
            @PathVariable long exercise, @PathVariable long order, @AuthenticationPrincipal Person by) {
        return handBacks.callOff(exercise, order, by);
    }
}
