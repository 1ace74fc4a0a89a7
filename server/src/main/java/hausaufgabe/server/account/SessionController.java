package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
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
    private final SecurityContextRepository contexts;

    SessionController(Accounts accounts, Throttle throttle, SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.contexts = contexts;
    }

    record SignIn(
            @NotBlank(message = "Enter your sign-in.") String login,
            @NotBlank(message = "Enter your password.") String password) {}

    record OwnPassword(
            @NotBlank(message = "Enter the password you have now.")
            String before,

            @NotBlank(message = "Enter the new password.") String after) {}

    /** What a page knows of who is signed in. */
    record SignedIn(long id, String login, String name, Person.Role role) {}

    /** @param person who is signed in; null for nobody */
    record Session(@Nullable SignedIn person) {}

    private static Session of(Person person) {
        return new Session(new SignedIn(person.id(), person.login(), person.name(), person.role()));
    }

    @GetMapping
    Session session(Authentication authentication) {
        boolean signedIn = authentication != null && authentication.getPrincipal() instanceof Person;
        return signedIn ? of((Person) authentication.getPrincipal()) : new Session(null);
    }

    @PostMapping
    Session signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        String login = given.login().strip();
        throttle.admit(login, request.getRemoteAddr());
        Optional<Person> person = accounts.authenticate(login, given.password());
        throttle.tried(login, request.getRemoteAddr(), person.isPresent());
        if (person.isEmpty()) {
            throw Problem.unauthorized(
                    "Sign-in and password do not go together. Check both; the lead can make you a link to choose a new one.");
        }
        begin(person.get(), request, response);
        return of(person.get());
    }

    /** Changes one's own password; whoever is signed in elsewhere under the same name has to sign in again. */
    @PutMapping("/password")
    Session change(
            @Valid @RequestBody OwnPassword given,
            @AuthenticationPrincipal Person person,
            HttpServletRequest request,
            HttpServletResponse response) {
        throttle.admit(person.login(), request.getRemoteAddr());
        Person changed;
        try {
            changed = accounts.change(person, given.before(), given.after());
        } catch (Problem e) {
            throttle.tried(person.login(), request.getRemoteAddr(), false);
            throw e;
        }
        throttle.tried(person.login(), request.getRemoteAddr(), true);
        begin(changed, request, response);
        return of(changed);
    }

    private void begin(Person person, HttpServletRequest request, HttpServletResponse response) {
        // a session that was there before signing in must not be the one after it
        HttpSession before = request.getSession(false);
        if (before != null) {
            before.invalidate();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                person,
                null,
                Right.of(person.role()).stream()
                        .map(r -> new SimpleGrantedAuthority(r.name()))
                        .toList()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
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
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
