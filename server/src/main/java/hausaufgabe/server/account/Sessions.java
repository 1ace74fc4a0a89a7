package hausaufgabe.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Sessions of those who are signed in, whichever way they came. */
@Component
class Sessions {

    private final SecurityContextRepository contexts;

    Sessions(SecurityContextRepository contexts) {
        this.contexts = contexts;
    }

    /** Begins a session anew: one that was there before signing in is never the one after it. */
    void begin(Person person, HttpServletRequest request, HttpServletResponse response) {
        end(request);
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

    void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
