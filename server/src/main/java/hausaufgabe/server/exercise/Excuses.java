package hausaufgabe.server.exercise;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.CourseLog;
import hausaufgabe.server.course.Courses;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who need not hand in an exercise, and why; it neither helps nor hurts their grade. */
@Service
public class Excuses {

    private static final int LONGEST_REASON = 1_000;

    interface Repository extends JpaRepository<Excuse, Excuse.Key> {
        List<Excuse> findByKeyExerciseIdIn(Collection<Long> exercises);
    }

    private final Repository excuses;
    private final Exercises exercises;
    private final Courses courses;
    private final Accounts accounts;
    private final CourseLog log;
    private final Clock clock;

    Excuses(Repository excuses, Exercises exercises, Courses courses, Accounts accounts, CourseLog log, Clock clock) {
        this.excuses = excuses;
        this.exercises = exercises;
        this.courses = courses;
        this.accounts = accounts;
        this.log = log;
        this.clock = clock;
    }

    /** An excuse as staff see it. */
    public record ExcuseLine(long exercise, long student, String reason, String givenBy, Instant givenAt) {}

    @Transactional(readOnly = true)
    public List<ExcuseLine> of(Collection<Long> exercises) {
        Map<Long, String> names = accounts.names();
        return excuses.findByKeyExerciseIdIn(exercises).stream()
                .map(e -> line(e, names))
                .toList();
    }

    /** Why a student need not hand in; empty where they have to. */
    @Transactional(readOnly = true)
    public Optional<String> reason(long exercise, long student) {
        return excuses.findById(new Excuse.Key(exercise, student)).map(e -> e.reason);
    }

    private static ExcuseLine line(Excuse e, Map<Long, String> names) {
        return new ExcuseLine(
                e.key.exerciseId(), e.key.studentId(), e.reason, names.getOrDefault(e.givenBy, ""), e.givenAt);
    }

    /**
     * Excuses a student.
     *
     * @param seen the reason that stood there for whoever excuses; null where none did
     * @throws Problem where there is no such student, no reason is given, or somebody else came first
     */
    @Transactional
    public void give(long exercise, long student, @Nullable String reason, @Nullable String seen, Person by) {
        long course = exercises.line(exercise).courseId();
        courses.student(course, student);
        if (reason == null || reason.isBlank() || reason.strip().length() > LONGEST_REASON) {
            throw Problem.badRequest("Say why, in at most " + LONGEST_REASON + " characters. Nothing was changed.");
        }
        Excuse.Key key = new Excuse.Key(exercise, student);
        Excuse e = excuses.findById(key).orElseGet(() -> new Excuse(key));
        String before = e.reason;
        requireSeen(before, seen);
        e.reason = reason.strip();
        e.givenBy = by.id();
        e.givenAt = Instant.now(clock);
        excuses.save(e);
        log.add(new CourseLog.Entry(course, exercise, student, CourseLog.Aspect.EXCUSE, before, e.reason, null), by);
    }

    private static void requireSeen(@Nullable String now, @Nullable String seen) {
        if (!Objects.equals(now, seen)) {
            throw Problem.outdated(
                    now == null
                            ? "Somebody has taken the excuse back since you looked. Nothing was changed; load the page again."
                            : "Somebody has excused them since you looked: “" + now
                                    + "” Nothing was changed; load the page again.");
        }
    }

    /**
     * Takes an excuse back.
     *
     * @param seen as for {@link #give}
     * @throws Problem where somebody else came first
     */
    @Transactional
    public void withdraw(long exercise, long student, @Nullable String seen, Person by) {
        excuses.findById(new Excuse.Key(exercise, student)).ifPresent(e -> {
            requireSeen(e.reason, seen);
            excuses.delete(e);
            log.add(
                    new CourseLog.Entry(
                            exercises.line(exercise).courseId(),
                            exercise,
                            student,
                            CourseLog.Aspect.EXCUSE,
                            e.reason,
                            null,
                            null),
                    by);
        });
    }
}
