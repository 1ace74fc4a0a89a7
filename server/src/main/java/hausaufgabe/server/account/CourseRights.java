package hausaufgabe.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.stereotype.Component;

/** Whether somebody's duty in the course that a request is about includes a right. */
@Component
public class CourseRights {

    private static final Pattern ADDRESS = Pattern.compile("/api/([a-z]+)/([0-9]{1,18})(/.*)?");

    private final Memberships memberships;
    private final List<InCourse> kinds;

    CourseRights(Memberships memberships, List<InCourse> kinds) {
        this.memberships = memberships;
        this.kinds = kinds;
    }

    /** Lets a request through where the duty in its course has the right. What is not there is let through, to be told so. */
    AuthorizationManager<RequestAuthorizationContext> needing(Right right) {
        return (who, context) -> {
            Authentication authentication = who.get();
            boolean allowed = authentication.getPrincipal() instanceof Staff staff
                    && course(context.getRequest())
                            .map(c -> memberships
                                    .duty(staff, c)
                                    .filter(d -> Right.of(d).contains(right))
                                    .isPresent())
                            .orElse(true);
            return new AuthorizationDecision(allowed);
        };
    }

    private Optional<Long> course(HttpServletRequest request) {
        Matcher m = ADDRESS.matcher(request.getRequestURI());
        return m.matches()
                ? kinds.stream()
                        .filter(k -> k.kind().equals(m.group(1)))
                        .findFirst()
                        .flatMap(k -> k.courseOf(Long.parseLong(m.group(2))))
                : Optional.empty();
    }

    /** What somebody may do in a course. */
    public List<Right> of(Staff staff, long course) {
        return memberships
                .duty(staff, course)
                .map(d -> List.copyOf(Right.of(d)))
                .orElse(List.of());
    }
}
