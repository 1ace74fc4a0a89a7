package hausaufgabe.server.review;

import hausaufgabe.server.account.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Giving marked work back. */
@RestController
@RequestMapping("/api/exercises/{exercise}/returned")
class ReturnController {

    private final Returns returns;

    ReturnController(Returns returns) {
        this.returns = returns;
    }

    @PostMapping
    Returns.Outcome giveBack(@PathVariable long exercise, @AuthenticationPrincipal Person by) {
        return returns.giveBack(exercise, by);
    }

    @DeleteMapping
    Returns.Outcome takeBack(@PathVariable long exercise, @AuthenticationPrincipal Person by) {
        return returns.takeBack(exercise, by);
    }
}
