package hausaufgabe.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a session whose account was taken away or got another password since it began. */
final class CurrentSession extends OncePerRequestFilter {

    private final Accounts accounts;
    private final Sessions sessions;

    CurrentSession(Accounts accounts, Sessions sessions) {
        this.accounts = accounts;
        this.sessions = sessions;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null && who.getPrincipal() instanceof Person person && !accounts.isCurrent(person)) {
            sessions.end(request);
        }
        chain.doFilter(request, response);
    }
}
