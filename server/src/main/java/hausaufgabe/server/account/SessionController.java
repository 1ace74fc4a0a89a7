package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and one's own password. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    private final Accounts accounts;
    private final Throttle throttle;
    private final SecondFactors factors;
    private final Sessions sessions;
    private final ObjectProvider<OpenId> openId;

    SessionController(
            Accounts accounts,
            Throttle throttle,
            SecondFactors factors,
            Sessions sessions,
            ObjectProvider<OpenId> openId) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.factors = factors;
        this.sessions = sessions;
        this.openId = openId;
    }

    /** @param code of the second factor; null as long as it was not asked for */
    record SignIn(
            @NotBlank(message = "Enter your sign-in.") String login,
            @NotBlank(message = "Enter your password.") String password,
            @Nullable String code) {}

    record OwnPassword(
            @NotBlank(message = "Enter the password you have now.")
            String before,

            @NotBlank(message = "Enter the new password.") String after) {}

    /** What a page knows of who is signed in. */
    record SignedIn(long id, String login, String name, Person.Role role) {}

    /**
     * A provider outside that signs people in.
     *
     * @param address where a browser goes for it
     */
    record Outside(String name, String address) {}

    /**
     * @param person who is signed in; null for nobody
     * @param codeNeeded whether sign-in and password were right and a code of the second factor is asked for
     * @param outside null where passwords are the only way to sign in
     */
    record Session(
            @Nullable SignedIn person,
            boolean codeNeeded,
            @Nullable Outside outside) {}

    private static Session of(Person person) {
        return new Session(new SignedIn(person.id(), person.login(), person.name(), person.role()), false, null);
    }

    private Session nobody(boolean codeNeeded) {
        OpenId provider = openId.getIfAvailable();
        return new Session(null, codeNeeded, provider == null ? null : new Outside(provider.name(), OpenId.BEGIN));
    }

    @GetMapping
    Session session(Authentication authentication) {
        boolean signedIn = authentication != null && authentication.getPrincipal() instanceof Person;
        return signedIn ? of((Person) authentication.getPrincipal()) : nobody(false);
    }

    @PostMapping
    Session signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        String login = given.login().strip();
        throttle.admit(login, request.getRemoteAddr());
        Optional<Person> person = accounts.authenticate(login, given.password());
        boolean asks = person.isPresent() && factors.isActive(person.get());
        if (asks && (given.code() == null || given.code().isBlank())) {
            // not signed in yet, so that this must not count as rightly done
            return nobody(true);
        }
        boolean right = person.isPresent() && (!asks || factors.accept(person.get(), given.code()));
        throttle.tried(login, request.getRemoteAddr(), right);
        if (!right && asks) {
            throw Problem.unauthorized(SecondFactors.WRONG_CODE);
        }
        if (!right) {
            throw Problem.unauthorized(
                    "Sign-in and password do not go together. Check both; the lead can make you a link to choose a new one.");
        }
        sessions.begin(person.get(), request, response);
        return of(person.get());
    }

    /** Changes one's own password; whoever is signed in elsewhere under the same name has to sign in again. */
    @PutMapping("/password")
    Session change(
            @Valid @RequestBody OwnPassword given,
            @AuthenticationPrincipal Person person,
            HttpServletRequest request,
            HttpServletResponse response) {
        Person changed = throttle.guarding(
                person.login(), request.getRemoteAddr(), () -> accounts.change(person, given.before(), given.after()));
        sessions.begin(changed, request, response);
        return of(changed);
    }

    /** Signs out here and wherever else somebody is signed in under this name. */
    @DeleteMapping("/everywhere")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOutEverywhere(@AuthenticationPrincipal Person person, HttpServletRequest request) {
        accounts.endSessions(person);
        signOut(request);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        sessions.end(request);
    }
}
