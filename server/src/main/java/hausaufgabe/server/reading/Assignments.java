package hausaufgabe.server.reading;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.CourseRights;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.account.Right;
import hausaufgabe.server.course.CourseLog;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.reading.MarkingStaff.Marker;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Shares out whose work is read by whom: by group, evenly, or from a common stack; and hands it over. */
@Service
public class Assignments {

    private static final String MEANWHILE =
            "Somebody else has given this work to somebody meanwhile. Look again; nothing was changed.";

    interface Repository extends JpaRepository<Assignment, Assignment.Key> {
        List<Assignment> findByKeyExerciseIdIn(Collection<Long> exercises);

        List<Assignment> findByKeyExerciseIdInAndKeyStudentIdIn(Collection<Long> exercises, Collection<Long> students);

        void deleteByKeyExerciseIdAndKeyStudentIdIn(Long exercise, Collection<Long> students);
    }

    private final Repository assignments;
    private final Work work;
    private final MarkingStaff staff;
    private final Exercises exercises;
    private final CourseRights rights;
    private final CourseLog log;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Assignments(
            Repository assignments,
            Work work,
            MarkingStaff staff,
            Exercises exercises,
            CourseRights rights,
            CourseLog log,
            TransactionTemplate transaction,
            Clock clock) {
        this.assignments = assignments;
        this.work = work;
        this.staff = staff;
        this.exercises = exercises;
        this.rights = rights;
        this.log = log;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** How work is shared out. */
    public enum Way {
        /** Each group goes to those who look after it. */
        BY_GROUP,
        /** Everybody gets as many. */
        EVENLY
    }

    /**
     * What somebody has to read.
     *
     * @param groups they look after
     * @param given students whose work was given to them
     * @param open of those, whose work was handed in and nobody has settled
     */
    public record ReaderShare(long account, String name, List<String> groups, int given, int open) {}

    /**
     * A student's work.
     *
     * @param account of whoever reads it; null where it lies in the stack
     * @param submission the last attempt; null where nothing was handed in
     */
    public record SharedWork(
            long student,
            String name,
            String group,
            @Nullable Long account,
            @Nullable Long submission,
            boolean settled) {}

    /**
     * Who reads what.
     *
     * @param stack handed in, not settled, and given to nobody
     * @param me account of whoever asks
     */
    public record SharesView(long me, int stack, List<ReaderShare> shares, List<SharedWork> work) {}

    /** @param sight whom whoever asks sees */
    public SharesView view(long exercise, Sight sight, Person person) {
        List<Work.Piece> pieces = work.of(exercise);
        Map<Long, Marker> markers = staff.of(course(exercise));
        return new SharesView(
                person.id(),
                (int) pieces.stream().filter(Assignments::isInStack).count(),
                markers.values().stream().map(m -> share(m, pieces)).toList(),
                pieces.stream()
                        .filter(p -> sight.everybody() || sight.own().contains(p.group()))
                        .map(p -> new SharedWork(
                                p.student(),
                                p.name(),
                                p.group(),
                                p.reader(),
                                p.isHandedIn() ? p.last().submission() : null,
                                p.isSettled()))
                        .toList());
    }

    private static boolean isInStack(Work.Piece p) {
        return p.reader() == null && p.isHandedIn() && !p.isSettled();
    }

    private static ReaderShare share(Marker m, List<Work.Piece> pieces) {
        List<Work.Piece> own = pieces.stream()
                .filter(p -> Objects.equals(p.reader(), m.account()))
                .toList();
        return new ReaderShare(m.account(), m.name(), m.groups(), own.size(), (int)
                own.stream().filter(p -> p.isHandedIn() && !p.isSettled()).count());
    }

    private long course(long exercise) {
        return exercises.line(exercise).courseId();
    }

    /** By exercise and student the account of whoever reads it; what lies in the stack is not there. */
    public Map<Long, Map<Long, Long>> of(Collection<Long> exercises) {
        return of(exercises, null);
    }

    /**
     * The same of some students.
     *
     * @param students null for all
     */
    @Transactional(readOnly = true)
    public Map<Long, Map<Long, Long>> of(Collection<Long> exercises, @Nullable Collection<Long> students) {
        Map<Long, Map<Long, Long>> found = new HashMap<>();
        List<Assignment> those = students == null
                ? assignments.findByKeyExerciseIdIn(exercises)
                : assignments.findByKeyExerciseIdInAndKeyStudentIdIn(exercises, students);
        those.forEach(a ->
                found.computeIfAbsent(a.key.exerciseId(), k -> new HashMap<>()).put(a.key.studentId(), a.accountId));
        return found;
    }

    /**
     * Gives work that nobody has settled to those who are to read it. Whose work nobody of them may see stays in the stack.
     *
     * @param readers accounts of those it is shared among
     * @param anew whether what was given to somebody is shared out again
     * @throws Problem where there is nobody, or nothing to share out
     */
    public void shareOut(long exercise, Way way, Collection<Long> readers, boolean anew, Person by) {
        long course = course(exercise);
        Map<Long, Marker> markers = staff.of(course);
        List<Marker> chosen = markers.values().stream()
                .filter(m -> readers.contains(m.account()))
                .toList();
        if (chosen.isEmpty()) {
            throw Problem.badRequest("Choose at least one of those who mark in this course. Nothing was changed.");
        }
        try {
            transaction.executeWithoutResult(status -> {
                List<Work.Piece> pieces = work.of(exercise);
                List<Work.Piece> open = pieces.stream()
                        .filter(p -> !p.isSettled() && (anew || p.reader() == null))
                        .toList();
                Map<Long, Integer> load = new HashMap<>();
                pieces.stream()
                        .filter(p -> p.reader() != null && !open.contains(p))
                        .forEach(p -> load.merge(p.reader(), 1, Integer::sum));
                Map<Long, Long> given = new LinkedHashMap<>();
                for (Work.Piece p : open) {
                    chosen.stream()
                            .filter(m -> way == Way.BY_GROUP ? m.groups().contains(p.group()) : m.sees(p))
                            .min(Comparator.comparingInt(m -> load.getOrDefault(m.account(), 0)))
                            .ifPresent(m -> {
                                given.put(p.student(), m.account());
                                load.merge(m.account(), 1, Integer::sum);
                            });
                }
                if (given.isEmpty()) {
                    throw Problem.conflict(
                            open.isEmpty()
                                    ? "Everything is given to somebody, or settled. Nothing was changed."
                                    : way == Way.BY_GROUP
                                            ? "Nobody of those chosen looks after a group whose work is left."
                                                    + " Say who looks after which group on the course's page."
                                                    + " Nothing was changed."
                                            : "Nobody of those chosen may see the work that is left. Nothing was changed.");
                }
                assignments.deleteByKeyExerciseIdAndKeyStudentIdIn(exercise, given.keySet());
                assignments.flush();
                given.forEach((student, account) -> keep(exercise, student, account, by));
                assignments.flush();
                log(course, exercise, null, null, said(way, given, markers), by);
            });
        } catch (DataIntegrityViolationException | ObjectOptimisticLockingFailureException e) {
            throw Problem.outdated(MEANWHILE);
        }
    }

    private static String said(Way way, Map<Long, Long> given, Map<Long, Marker> markers) {
        Map<Long, Long> counts = given.values().stream()
                .collect(Collectors.groupingBy(a -> a, LinkedHashMap::new, Collectors.counting()));
        return (way == Way.BY_GROUP ? "shared out by group: " : "shared out evenly: ")
                + counts.entrySet().stream()
                        .map(e -> markers.get(e.getKey()).name() + " " + e.getValue())
                        .collect(Collectors.joining(", "));
    }

    private void keep(long exercise, long student, long account, Person by) {
        Assignment a = new Assignment(new Assignment.Key(exercise, student));
        a.accountId = account;
        a.givenBy = by.id();
        a.givenAt = Instant.now(clock);
        assignments.save(a);
    }

    private void log(
            long course,
            long exercise,
            @Nullable Long student,
            @Nullable String before,
            @Nullable String after,
            Person by) {
        log.add(new CourseLog.Entry(course, exercise, student, CourseLog.Aspect.READER, before, after, null), by);
    }

    /**
     * Takes what was handed in first of all that nobody reads.
     *
     * @return the submission
     * @throws Problem where nothing is left that they may see
     */
    public long takeNext(long exercise, Person person) {
        long course = course(exercise);
        Marker me = marker(course, person.id());
        List<Work.Piece> stack = work.of(exercise).stream()
                .filter(p -> isInStack(p) && p.last().checked() && me.sees(p))
                .sorted(Comparator.comparing(p -> p.last().handedInAt()))
                .toList();
        for (Work.Piece p : stack) {
            try {
                transaction.executeWithoutResult(status -> {
                    keep(exercise, p.student(), me.account(), person);
                    assignments.flush();
                    log(course, exercise, p.student(), null, me.name(), person);
                });
                return p.last().submission();
            } catch (DataIntegrityViolationException | ObjectOptimisticLockingFailureException e) {
                // somebody was quicker; the next one then
            }
        }
        throw Problem.conflict("Nothing is left in the stack that you could read.");
    }

    private Marker marker(long course, long account) {
        return Optional.ofNullable(staff.of(course).get(account))
                .orElseThrow(() -> Problem.badRequest("Only those who mark in this course can read for it."));
    }

    /**
     * Gives a student's work from one reader to another.
     *
     * @param from who had it as far as whoever asks knows; null for the stack
     * @param to null for back to the stack
     * @throws Problem where it is not theirs to give, somebody else has given it meanwhile, or the other may not see it
     */
    public void handOver(long exercise, long student, @Nullable Long from, @Nullable Long to, Person by) {
        long course = course(exercise);
        Map<Long, Marker> markers = staff.of(course);
        boolean leads = rights.of(by, course).contains(Right.SET_EXERCISES);
        boolean own = from == null ? to != null && to == by.id() : from == by.id();
        if (!leads && !own) {
            throw Problem.forbidden("Only whoever reads it, or the lead, can give this work to somebody else.");
        }
        Work.Piece piece = work.of(exercise).stream()
                .filter(p -> p.student() == student)
                .findFirst()
                .orElseThrow(() -> Problem.notFound("There is no such student in this exercise."));
        if (to != null && !marker(course, to).sees(piece)) {
            throw Problem.badRequest(
                    markers.get(to).name() + " may not see this student's group. Nothing was changed.");
        }
        try {
            transaction.executeWithoutResult(status -> {
                Assignment.Key key = new Assignment.Key(exercise, student);
                Assignment a = assignments.findById(key).orElse(null);
                if (!Objects.equals(a == null ? null : a.accountId, from)) {
                    throw Problem.outdated(MEANWHILE);
                }
                if (a == null && to != null) {
                    keep(exercise, student, to, by);
                } else if (a != null && to == null) {
                    assignments.delete(a);
                } else if (a != null) {
                    a.accountId = to;
                    a.givenBy = by.id();
                    a.givenAt = Instant.now(clock);
                }
                assignments.flush();
                log(course, exercise, student, name(markers, from), name(markers, to), by);
            });
        } catch (DataIntegrityViolationException | ObjectOptimisticLockingFailureException e) {
            throw Problem.outdated(MEANWHILE);
        }
    }

    private static @Nullable String name(Map<Long, Marker> markers, @Nullable Long account) {
        return account == null
                ? null
                : Optional.ofNullable(markers.get(account)).map(Marker::name).orElse("somebody who marks no more");
    }
}
