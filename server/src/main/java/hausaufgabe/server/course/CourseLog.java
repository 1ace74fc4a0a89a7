package hausaufgabe.server.course;

import hausaufgabe.server.account.Person;
import java.time.Clock;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was decided about a course beside the marks of a submission: who, when, from what to what, why. */
@Service
public class CourseLog {

    interface Repository extends JpaRepository<CourseChange, Long> {}

    /** What was decided about. */
    public enum Aspect {
        SCHEME,
        EXCUSE,
        EXTENSION,
        /** Who reads whose work. */
        READER,
        SECOND_READING,
        /** What was kept of a student. */
        REMOVAL,
        HAND_BACK
    }

    /**
     * A decision.
     *
     * @param exercise null where it is about all
     * @param student null where it is about all
     * @param before what stood before; null where nothing did
     * @param after what stands now; null where nothing does
     */
    public record Entry(
            long course,
            @Nullable Long exercise,
            @Nullable Long student,
            Aspect what,
            @Nullable String before,
            @Nullable String after,
            @Nullable String reason) {}

    /** Said once something was decided, for pages that show it. */
    public record Decided(long course) {}

    private final Repository changes;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    CourseLog(Repository changes, ApplicationEventPublisher events, Clock clock) {
        this.changes = changes;
        this.events = events;
        this.clock = clock;
    }

    @Transactional
    public void add(Entry entry, Person by) {
        add(entry, by.id());
    }

    /** @param by account of whoever decided it */
    @Transactional
    public void add(Entry entry, long by) {
        changes.save(new CourseChange(entry, by, Instant.now(clock)));
        events.publishEvent(new Decided(entry.course()));
    }
}
