package hausaufgabe.server.exercise;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.CourseLog;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who may hand an exercise in later than the others, and why. */
@Service
public class Extensions {

    private static final int LONGEST_REASON = 1_000;

    interface Repository extends JpaRepository<Extension, Extension.Key> {
        List<Extension> findByKeyExerciseId(Long exercise);

        List<Extension> findByKeyExerciseIdIn(Collection<Long> exercises);
    }

    private final Repository extensions;
    private final Exercises exercises;
    private final Accounts accounts;
    private final CourseLog log;
    private final Clock clock;

    Extensions(Repository extensions, Exercises exercises, Accounts accounts, CourseLog log, Clock clock) {
        this.extensions = extensions;
        this.exercises = exercises;
        this.accounts = accounts;
        this.log = log;
        this.clock = clock;
    }

    /** An extension as staff see it. */
    public record ExtensionLine(long student, Instant dueAt, String reason, String givenBy, Instant givenAt) {}

    @Transactional(readOnly = true)
    public List<ExtensionLine> lines(long exercise) {
        Map<Long, String> names = accounts.names();
        return extensions.findByKeyExerciseId(exercise).stream()
                .map(e -> new ExtensionLine(
                        e.key.studentId(), e.dueAt, e.reason, names.getOrDefault(e.givenBy, ""), e.givenAt))
                .toList();
    }

    /** The other deadlines there are, by student. */
    @Transactional(readOnly = true)
    public Map<Long, Instant> byStudent(long exercise) {
        return extensions.findByKeyExerciseId(exercise).stream()
                .collect(Collectors.toMap(e -> e.key.studentId(), e -> e.dueAt));
    }

    /** The other deadlines there are, by exercise and student. */
    @Transactional(readOnly = true)
    public Map<Long, Map<Long, Instant>> byExercise(Collection<Long> exercises) {
        return extensions.findByKeyExerciseIdIn(exercises).stream()
                .collect(Collectors.groupingBy(
                        e -> e.key.exerciseId(), Collectors.toMap(e -> e.key.studentId(), e -> e.dueAt)));
    }

    /** Until when a student may hand in; null where the deadline is that of all. */
    @Transactional(readOnly = true)
    public @Nullable Instant of(long exercise, long student) {
        return extensions
                .findById(new Extension.Key(exercise, student))
                .map(e -> e.dueAt)
                .orElse(null);
    }

    /**
     * Another deadline for a student.
     *
     * @param seen the one that stood there for whoever gives it; null where none did
     * @throws Problem where it is no extension, no reason is given, or somebody else came first
     */
    @Transactional
    public void give(
            long exercise,
            long student,
            @Nullable Instant dueAt,
            @Nullable String reason,
            @Nullable Instant seen,
            Person by) {
        Instant due = exercises
                .opened(exercise)
                .dueAt()
                .orElseThrow(() -> Problem.conflict("This exercise has no deadline that could be extended."));
        if (dueAt == null || !dueAt.isAfter(due)) {
            throw Problem.badRequest("Give a time after the deadline of all. Nothing was changed.");
        }
        if (reason == null || reason.isBlank() || reason.strip().length() > LONGEST_REASON) {
            throw Problem.badRequest("Say why, in at most " + LONGEST_REASON + " characters. Nothing was changed.");
        }
        Extension.Key key = new Extension.Key(exercise, student);
        Extension e = extensions.findById(key).orElseGet(() -> new Extension(key));
        requireSeen(e.dueAt, seen);
        String before = e.dueAt == null ? null : e.dueAt.toString();
        e.dueAt = dueAt;
        e.reason = reason.strip();
        e.givenBy = by.id();
        e.givenAt = Instant.now(clock);
        extensions.save(e);
        log(exercise, student, before, dueAt.toString(), e.reason, by);
    }

    private void log(
            long exercise,
            long student,
            @Nullable String before,
            @Nullable String after,
            @Nullable String reason,
            Person by) {
        long course = exercises.line(exercise).courseId();
        log.add(new CourseLog.Entry(course, exercise, student, CourseLog.Aspect.EXTENSION, before, after, reason), by);
    }

    private static void requireSeen(@Nullable Instant now, @Nullable Instant seen) {
        if (!Objects.equals(now, seen)) {
            throw Problem.outdated(
                    "Somebody else has changed this deadline since you looked. Nothing was changed; load the"
                            + " page again and see what stands there now.");
        }
    }

    /**
     * Takes it back.
     *
     * @param seen as for {@link #give}
     * @throws Problem where somebody else came first
     */
    @Transactional
    public void withdraw(long exercise, long student, @Nullable Instant seen, Person by) {
        extensions.findById(new Extension.Key(exercise, student)).ifPresent(e -> {
            requireSeen(e.dueAt, seen);
            extensions.delete(e);
            log(exercise, student, e.dueAt.toString(), null, null, by);
        });
    }
}
