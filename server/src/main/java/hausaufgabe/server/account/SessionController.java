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
    record SignedIn(long id, String login, String name, Staff.Role role) {}

    /** @param staff who is signed in; null for nobody */
    record Session(@Nullable SignedIn staff) {}

    private static Session of(Staff staff) {
        return new Session(new SignedIn(staff.id(), staff.login(), staff.name(), staff.role()));
    }

    @GetMapping
    Session session(Authentication authentication) {
        boolean signedIn = authentication != null && authentication.getPrincipal() instanceof Staff;
        return signedIn ? of((Staff) authentication.getPrincipal()) : new Session(null);
    }

    @PostMapping
    Session signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        String login = given.login().strip();
        throttle.admit(login, request.getRemoteAddr());
        Optional<Staff> staff = accounts.authenticate(login, given.password());
        throttle.tried(login, request.getRemoteAddr(), staff.isPresent());
        if (staff.isEmpty()) {
            throw Problem.unauthorized(
                    "Sign-in and password do not go together. Check both; the lead can make you a link to choose a new one.");
        }
        begin(staff.get(), request, response);
        return of(staff.get());
    }

    /** Changes one's own password; whoever is signed in elsewhere under the same name has to sign in again. */
    @PutMapping("/password")
    Session change(
            @Valid @RequestBody OwnPassword given,
            @AuthenticationPrincipal Staff staff,
            HttpServletRequest request,
            HttpServletResponse response) {
        throttle.admit(staff.login(), request.getRemoteAddr());
        Staff changed;
        try {
            changed = accounts.change(staff, given.before(), given.after());
        } catch (Problem e) {
            throttle.tried(staff.login(), request.getRemoteAddr(), false);
            throw e;
        }
        throttle.tried(staff.login(), request.getRemoteAddr(), true);
        begin(changed, request, response);
        return of(changed);
    }

    private void begin(Staff staff, HttpServletRequest request, HttpServletResponse response) {
        // a session that was there before signing in must not be the one after it
        HttpSession before = request.getSession(false);
        if (before != null) {
            before.invalidate();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                staff,
                null,
                Right.of(staff.role()).stream()
                        .map(r -> new SimpleGrantedAuthority(r.name()))
                        .toList()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
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
