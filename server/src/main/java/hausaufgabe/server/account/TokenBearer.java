package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import io.github.bucket4j.Bucket;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets programs ask with a token in place of a session. A token that is no good is refused, whatever session the request has
 * besides, so that nobody gets past the guard against forged requests by naming one.
 */
final class TokenBearer extends OncePerRequestFilter {

    private static final String SCHEME = "Bearer ";
    /** So many requests a minute a token has; so many at once. */
    private static final int A_MINUTE = 600;
    /** Beyond that many tokens, what is known of their use is begun anew. */
    private static final int KNOWN = 10_000;

    private final AccessTokens tokens;
    private final Refusal refusal;
    private final Map<Long, Bucket> used = new ConcurrentHashMap<>();

    /** Says why somebody is not let in. */
    interface Refusal {
        void say(HttpServletRequest request, HttpServletResponse response, HttpStatus status, String why)
                throws IOException;
    }

    TokenBearer(AccessTokens tokens, Refusal refusal) {
        this.tokens = tokens;
        this.refusal = refusal;
    }

    static boolean carries(HttpServletRequest request) {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        return header != null && header.regionMatches(true, 0, SCHEME, 0, SCHEME.length());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!carries(request)) {
            chain.doFilter(request, response);
            return;
        }
        AccessTokens.Bearer bearer;
        try {
            String secret = request.getHeader(HttpHeaders.AUTHORIZATION)
                    .substring(SCHEME.length())
                    .strip();
            bearer = tokens.bearer(secret, request.getRemoteAddr());
        } catch (Problem e) {
            refusal.say(request, response, e.status(), e.getMessage());
            return;
        }
        if (request.getRequestURI().startsWith("/api/session")
                || request.getRequestURI().startsWith("/api/links")) {
            refusal.say(
                    request,
                    response,
                    HttpStatus.FORBIDDEN,
                    "Passwords, tokens and second factors are changed by a person who is signed in, not with a token.");
            return;
        }
        if (used.size() > KNOWN) {
            used.clear();
        }
        var left = used.computeIfAbsent(bearer.token(), k -> bucket()).tryConsumeAndReturnRemaining(1);
        if (!left.isConsumed()) {
            long seconds =
                    Math.max(1, Duration.ofNanos(left.getNanosToWaitForRefill()).toSeconds());
            response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(seconds));
            refusal.say(
                    request,
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    "A token has " + A_MINUTE + " requests a minute. Wait a little, and ask for more at once.");
            return;
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(new TokenAuthentication(bearer.person(), bearer.scopes()));
        SecurityContextHolder.setContext(context);
        chain.doFilter(request, response);
    }

    private static Bucket bucket() {
        return Bucket.builder()
                .addLimit(limit -> limit.capacity(A_MINUTE).refillGreedy(A_MINUTE, Duration.ofMinutes(1)))
                .build();
    }
}
