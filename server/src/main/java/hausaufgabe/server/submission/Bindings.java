package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ClassDiagram;
import hausaufgabe.server.Problem;
import hausaufgabe.server.exercise.Exercises;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Roles that a person has given to types of a submission. They hold for every later check of it, and for no other. */
@Service
public class Bindings {

    private static final Logger LOG = LoggerFactory.getLogger(Bindings.class);
    /** Seconds that somebody waits to see what would follow. */
    private static final int PATIENCE = 40;

    interface Repository extends JpaRepository<RoleBinding, Long> {}

    private final Repository bindings;
    private final Submissions submissions;
    private final Exercises exercises;
    private final CheckDispatcher dispatcher;
    private final CheckDesk desk;
    private final Clock clock;
    private final CheckRequest.Isolation isolation;

    Bindings(
            Repository bindings,
            Submissions submissions,
            Exercises exercises,
            CheckDispatcher dispatcher,
            CheckDesk desk,
            Clock clock,
            @Value("${hausaufgabe.isolation}") CheckRequest.Isolation isolation) {
        this.bindings = bindings;
        this.submissions = submissions;
        this.exercises = exercises;
        this.dispatcher = dispatcher;
        this.desk = desk;
        this.clock = clock;
        this.isolation = isolation;
    }

    /**
     * What a person has said of who plays which role.
     *
     * @param roles ids of types by role; a role that is not there is left to the check
     */
    public record Bound(Map<String, List<String>> roles, String reason, long by, Instant at) {}

    @Transactional(readOnly = true)
    public Optional<Bound> of(long submission) {
        return bindings.findById(submission).map(b -> new Bound(roles(b.roles), b.reason, b.boundBy, b.boundAt));
    }

    /**
     * The report that would come of giving roles to types; nothing is kept.
     *
     * @throws Problem where there is no such role or type, or the check breaks or takes too long
     */
    public CheckReport preview(long submission, Map<String, List<String>> roles) {
        HandedIn s = checked(submission, roles);
        CheckRequest request = exercises
                .opened(s.exerciseId())
                .check(submissions.sources(submission), isolation)
                .pinned(roles);
        CompletableFuture<CheckReport> asked = dispatcher.submit(request, step -> {});
        try {
            return asked.get(PATIENCE, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            throw Problem.conflict(
                    "Many checks wait just now, so what would follow cannot be shown. Try again in a while.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Problem.conflict("The server stops. Nothing was changed.");
        } catch (ExecutionException e) {
            if (!(e.getCause() instanceof CheckFailed)) {
                LOG.error("what a binding of submission {} would do could not be seen", submission, e.getCause());
            }
            throw Problem.conflict(
                    "The check broke with these roles: " + e.getCause().getMessage());
        }
    }

    /**
     * Gives roles to types and has the submission checked with them.
     *
     * @param roles all roles that are given by hand; none to leave all of them to the check again
     * @return what was said before; empty where nothing was
     * @throws Problem where there is no such role or type, or it is being checked; nothing is changed then
     */
    @Transactional
    public Map<String, List<String>> bind(long submission, Map<String, List<String>> roles, String reason, long by) {
        checked(submission, roles);
        RoleBinding b = bindings.findById(submission).orElseGet(() -> new RoleBinding(submission));
        Map<String, List<String>> before = b.roles == null ? Map.of() : roles(b.roles);
        if (roles.isEmpty()) {
            bindings.deleteById(submission);
        } else {
            b.roles = json(roles);
            b.reason = reason;
            b.boundBy = by;
            b.boundAt = Instant.now(clock);
            bindings.saveAndFlush(b);
        }
        desk.write(List.of(submission), false);
        return before;
    }

    /** Begins the check that was written down with {@link #bind}. */
    public void goOn(long submission) {
        desk.line(List.of(submission));
    }

    private HandedIn checked(long submission, Map<String, List<String>> roles) {
        HandedIn s = submissions.get(submission);
        if (s.state() == HandedIn.State.QUEUED || s.state() == HandedIn.State.RUNNING) {
            throw Problem.conflict("It is being checked. Wait until that is done, then say who is who.");
        }
        CheckReport report = s.report()
                .orElseThrow(() -> Problem.conflict("There is no report yet; roles are given after the first check."));
        ClassDiagram diagram = report.diagram();
        if (diagram == null) {
            throw Problem.conflict("This was checked before types could be chosen. Have it checked again first.");
        }
        Set<String> types = diagram.classifiers().stream()
                .filter(c -> !c.id().startsWith("role:"))
                .map(ClassDiagram.Classifier::id)
                .collect(Collectors.toSet());
        roles.forEach((role, ids) -> {
            if (!report.roles().containsKey(role)) {
                throw Problem.badRequest("The exercise has no role " + role + ". Nothing was changed.");
            }
            if (ids.isEmpty()) {
                throw Problem.badRequest("Say which type is the " + role + ". Nothing was changed.");
            }
            ids.stream().filter(id -> !types.contains(id)).findFirst().ifPresent(id -> {
                throw Problem.badRequest("This submission has no type " + id + ". Nothing was changed.");
            });
        });
        return s;
    }

    private static String json(Map<String, List<String>> roles) {
        try {
            return Json.mapper().writeValueAsString(new TreeMap<>(roles));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Ids of types by role, as they were kept. */
    static Map<String, List<String>> roles(String json) {
        try {
            return Json.mapper().readValue(json, new TypeReference<Map<String, List<String>>>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }
}
