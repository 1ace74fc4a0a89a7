package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import io.github.bucket4j.Bucket;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** How much one person may change and hand in within a minute: more than anybody at a page does, less than what holds up others. */
@Component
class BoundedUse implements HandlerInterceptor, WebMvcConfigurer {

    /** Beyond that many people, what is known of their use is begun anew. */
    private static final int KNOWN = 20_000;

    private final int changes;
    private final int uploads;
    private final Map<Long, Use> used = new ConcurrentHashMap<>();

    BoundedUse(
            @Value("${hausaufgabe.changes-a-minute}") int changes,
            @Value("${hausaufgabe.uploads-a-minute}") int uploads) {
        this.changes = changes;
        this.uploads = uploads;
    }

    private record Use(Bucket changes, Bucket uploads) {}

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    /** @throws Problem where it is too much */
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (HttpMethod.GET.matches(request.getMethod())
                || who == null
                || !(who.getPrincipal() instanceof Person person)) {
            return true;
        }
        if (used.size() > KNOWN) {
            used.clear();
        }
        Use use = used.computeIfAbsent(person.id(), id -> new Use(bucket(changes), bucket(uploads)));
        boolean upload = String.valueOf(request.getContentType()).startsWith("multipart/");
        var left = (upload ? use.uploads() : use.changes()).tryConsumeAndReturnRemaining(1);
        if (!left.isConsumed()) {
            long seconds =
                    Math.max(1, Duration.ofNanos(left.getNanosToWaitForRefill()).toSeconds());
            response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(seconds));
            throw Problem.tooMany(
                    upload
                            ? "That are more than " + uploads
                                    + " uploads in a minute. Wait a little, and upload many at once"
                                    + " as a pile. Nothing was stored."
                            : "That are more than " + changes
                                    + " changes in a minute. Wait a little; nothing was stored.");
        }
        return true;
    }

    private static Bucket bucket(int aMinute) {
        return Bucket.builder()
                .addLimit(limit -> limit.capacity(aMinute).refillGreedy(aMinute, Duration.ofMinutes(1)))
                .build();
    }
}
