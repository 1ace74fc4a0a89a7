package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Accounts of the staff, and the links by which their passwords are chosen. */
@RestController
class AccountController {

    private final Accounts accounts;
    private final SecondFactors factors;

    AccountController(Accounts accounts, SecondFactors factors) {
        this.accounts = accounts;
        this.factors = factors;
    }

    record Invitation(
            @NotNull String login,
            @NotNull String name,
            @NotNull Person.Role role) {}

    /** @param link to be handed to whoever the account is for */
    record Invited(Accounts.AccountLine account, Accounts.Link link) {}

    record TakenAway(@NotNull Boolean disabled) {}

    record Token(@NotNull String token) {}

    record ChosenPassword(@NotNull String token, @NotNull String password) {}

    /** Everybody who has an account. */
    @GetMapping("/api/accounts")
    List<Accounts.AccountLine> all() {
        return accounts.all();
    }

    /** Makes an account whose owner chooses a password by a link. */
    @PostMapping("/api/accounts")
    @ResponseStatus(HttpStatus.CREATED)
    Invited invite(@RequestBody Invitation given, @AuthenticationPrincipal Person person) {
        Person.Role role = given.role() == null ? Person.Role.TUTOR : given.role();
        if (role == Person.Role.STUDENT) {
            throw Problem.badRequest("Students come from the roster of their course.");
        }
        Accounts.AccountLine made = accounts.invite(given.login(), given.name(), role);
        return new Invited(made, accounts.link(made.id(), person));
    }

    /** Makes a link by which somebody chooses a password; it is good once, for a while. */
    @PostMapping("/api/accounts/{id}/link")
    @ResponseStatus(HttpStatus.CREATED)
    Accounts.Link link(@PathVariable long id, @AuthenticationPrincipal Person person) {
        return accounts.link(id, person);
    }

    /** Keeps somebody from signing in, or lets them again. */
    @PutMapping("/api/accounts/{id}/disabled")
    Accounts.AccountLine disable(
            @PathVariable long id, @RequestBody TakenAway given, @AuthenticationPrincipal Person person) {
        return accounts.disable(id, Boolean.TRUE.equals(given.disabled()), person);
    }

    /** Ends the second factor of somebody who lost the device and the codes. */
    @DeleteMapping("/api/accounts/{id}/factor")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeFactor(@PathVariable long id) {
        factors.remove(id);
    }

    /** Lets go of whom the provider outside knows the account by. */
    @DeleteMapping("/api/accounts/{id}/outside")
    Accounts.AccountLine forgetOutside(@PathVariable long id) {
        return accounts.forgetOutside(id);
    }

    /** Whose password the link chooses; the token comes in the body, so that no log keeps it. */
    @PostMapping("/api/links")
    Accounts.AccountLine ofLink(@RequestBody Token given) {
        return accounts.ofLink(given.token() == null ? "" : given.token());
    }

    @PostMapping("/api/links/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choose(@RequestBody ChosenPassword given) {
        accounts.choose(given.token() == null ? "" : given.token(), given.password());
    }
}
