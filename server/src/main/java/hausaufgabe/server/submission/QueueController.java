package hausaufgabe.server.submission;

import hausaufgabe.server.account.Person;
import jakarta.validation.constraints.NotNull;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far the checks of an exercise are, and holding them back. */
@RestController
@RequestMapping("/api/exercises/{exercise}/queue")
class QueueController {

    private final CheckDesk desk;

    QueueController(CheckDesk desk) {
        this.desk = desk;
    }

    record HeldBack(@NotNull Boolean paused) {}

    /** How many checks of an exercise wait. */
    @GetMapping
    CheckDesk.QueueView view(@PathVariable long exercise) {
        return desk.view(exercise);
    }

    /** Has the checks of an exercise wait, or go on. */
    @PutMapping("/paused")
    CheckDesk.QueueView pause(@PathVariable long exercise, @RequestBody HeldBack given) {
        desk.pause(exercise, Boolean.TRUE.equals(given.paused()));
        return desk.view(exercise);
    }

    /** Calls off what waits; what is being checked goes on. */
    @DeleteMapping
    CheckDesk.QueueView callOff(@PathVariable long exercise, @AuthenticationPrincipal Person person) {
        desk.callOff(exercise, person.name());
        return desk.view(exercise);
    }
}
