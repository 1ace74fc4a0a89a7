package hausaufgabe.server.account;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
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

    /**
     * Lets a request through where the duty in its course has the right. What is not there is let through, to be told so; a number
     * that is written in another way than in digits is not, since whoever reads it later might read one.
     */
    AuthorizationManager<RequestAuthorizationContext> needing(Right right) {
        return (who, context) -> {
            Matcher address = ADDRESS.matcher(context.getRequest().getRequestURI());
            boolean allowed = TokenAuthentication.leaves(who.get(), right)
                    && who.get().getPrincipal() instanceof Person person
                    && address.matches()
                    && allows(person, kind(address.group(1)), Long.parseLong(address.group(2)), right);
            return new AuthorizationDecision(allowed);
        };
    }

    private boolean allows(Person person, InCourse kind, long number, Right right) {
        return kind.courseOf(number)
                .map(course -> memberships
                        .duty(person, course)
                        .filter(d -> Right.of(d).contains(right))
                        .filter(d -> d == Duty.STUDENT
                                || kind.groupOf(number)
                                        .map(g -> memberships.sees(person, course, g))
                                        .orElse(true))
                        .isPresent())
                .orElse(true);
    }

    private InCourse kind(String name) {
        return kinds.stream()
                .filter(k -> k.kind().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("nobody knows the course of " + name));
    }

    /** What somebody may do in a course. */
    public List<Right> of(Person person, long course) {
        return memberships
                .duty(person, course)
                .map(d ->
                        Right.of(d).stream().filter(TokenAuthentication::leaves).toList())
                .orElse(List.of());
    }
}
