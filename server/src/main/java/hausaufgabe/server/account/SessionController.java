package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    private final Accounts accounts;
    private final SecurityContextRepository contexts;

    SessionController(Accounts accounts, SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.contexts = contexts;
    }

    record SignIn(
            @NotBlank(message = "Enter your sign-in.") String login,
            @NotBlank(message = "Enter your password.") String password) {}

    /** @param staff who is signed in; null for nobody */
    record Session(Staff staff) {}

    @GetMapping
    Session session(Authentication authentication) {
        boolean signedIn = authentication != null && authentication.getPrincipal() instanceof Staff;
        return new Session(signedIn ? (Staff) authentication.getPrincipal() : null);
    }

    @PostMapping
    Session signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        Staff staff = accounts.authenticate(given.login(), given.password())
                .orElseThrow(() -> Problem.unauthorized(
                        "Sign-in and password do not go together. Check both; the lead can set a new password."));
        // a session that was there before signing in must not be the one after it
        HttpSession before = request.getSession(false);
        if (before != null) {
            before.invalidate();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                staff, null, List.of(new SimpleGrantedAuthority("ROLE_" + staff.role()))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return new Session(staff);
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
