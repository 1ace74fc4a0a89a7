package hausaufgabe.server.grade;

import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.grading.CourseGrade;
import hausaufgabe.core.grading.Result;
import hausaufgabe.core.grading.Scheme;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Excuses;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Extensions;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import jakarta.persistence.TypedQuery;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The grade sheet of a course: every student with every exercise, and what they come to by the course's scheme. Read by a fixed
 * number of questions, whole or for some students.
 */
@Service
class CourseSheets {

    private static final String WORK = """
            select s.exerciseId as exercise, s.studentId as student, s.id as submission, s.attempt as attempt,
                   s.uploadedAt as uploadedAt, s.state as state, r.id as run, r.compiled as compiled,
                   r.earned as earned, r.possible as possible, r.openClaims as openClaims,
                   v.version as review, v.settledBy as settledBy, v.returnedAt as returnedAt
            from Submission s
            left join CheckRun r on r.id = s.currentRun
            left join Review v on v.submissionId = s.id
            where s.exerciseId in :exercises %s
            order by s.attempt
            """;

    private final Courses courses;
    private final Exercises exercises;
    private final Extensions extensions;
    private final Excuses excuses;
    private final Schemes schemes;
    private final Tallies tallies;
    private final EntityManager entities;
    private final Clock clock;

    CourseSheets(
            Courses courses,
            Exercises exercises,
            Extensions extensions,
            Excuses excuses,
            Schemes schemes,
            Tallies tallies,
            EntityManager entities,
            Clock clock) {
        this.courses = courses;
        this.exercises = exercises;
        this.extensions = extensions;
        this.excuses = excuses;
        this.schemes = schemes;
        this.tallies = tallies;
        this.entities = entities;
        this.clock = clock;
    }

    /** How far the work on somebody's exercise is. */
    enum State {
        /** Its check is waited for, or goes on. */
        CHECKING,
        /** Its check broke. */
        FAILED,
        /** Checked, with questions that wait for a person. */
        ASKING,
        /** Checked; nobody has settled it. */
        PROPOSED,
        SETTLED,
        /** Its student sees it. */
        RETURNED
    }

    /**
     * An exercise of the course.
     *
     * @param possible points, the most that anybody could get so far; null where nothing was checked
     * @param due whether its deadline has passed, so that what is not there counts as nothing
     * @param counts whether the scheme counts it
     */
    record SheetColumn(
            long exercise,
            int number,
            String title,
            @Nullable Double possible,
            @Nullable Instant dueAt,
            boolean due,
            boolean counts) {}

    /**
     * What somebody has in an exercise.
     *
     * @param submission the attempt that counts; null where nothing was handed in
     * @param points as they stand, less what being late costs; null before there is a report
     * @param excused why nothing is expected; null where it is
     */
    record SheetCell(
            int column,
            @Nullable Long submission,
            @Nullable Integer attempt,
            @Nullable State state,
            @Nullable Double points,
            @Nullable Boolean late,
            @Nullable String excused) {}

    /** @param cells where there is something to say; the others are empty */
    record SheetLine(Student student, List<SheetCell> cells, CourseGrade grade) {}

    /** @param ownGroups the groups that whoever asks looks after */
    record CourseSheet(
            long courseId,
            String course,
            List<String> ownGroups,
            Schemes.SchemeView scheme,
            List<SheetColumn> columns,
            List<SheetLine> lines) {}

    /** One attempt as the records have it. */
    private record Attempt(
            long submission,
            int attempt,
            State state,
            @Nullable Double points,
            @Nullable Double possible,
            boolean late) {}

    /** An exercise with what its attempts are measured by. */
    private record Measure(Exercises.Line line, Exercises.Version version, Map<Long, Instant> extended) {}

    /**
     * The sheet, of those whom whoever asks may see.
     *
     * @param students whom it is wanted for; null for all
     */
    @Transactional(readOnly = true)
    CourseSheet sheet(long course, @Nullable Set<Long> students, Sight sight) {
        return sheet(course, students, sight, schemes.of(course));
    }

    /** The sheet as it would be by another scheme. */
    @Transactional(readOnly = true)
    CourseSheet outlook(long course, Scheme scheme, Sight sight) {
        return sheet(course, null, sight, new Schemes.SchemeView(scheme, Schemes.UNWRITTEN, false));
    }

    private CourseSheet sheet(long course, @Nullable Set<Long> students, Sight sight, Schemes.SchemeView scheme) {
        List<Measure> measures = exercises.ofCourse(course).stream()
                .filter(e -> e.version() != null)
                .map(e -> new Measure(e, exercises.opened(e.id()), extensions.byStudent(e.id())))
                .toList();
        List<Long> ids = measures.stream().map(m -> m.line().id()).toList();
        Map<Long, Map<Long, List<Tuple>>> work = work(ids, students);
        Map<Long, Map<Long, String>> excused = new HashMap<>();
        excuses.of(ids)
                .forEach(e -> excused.computeIfAbsent(e.student(), k -> new HashMap<>())
                        .put(e.exercise(), e.reason()));
        Map<Long, Tallies.Worth> worths = tallies.of(work.values().stream()
                .flatMap(byExercise -> byExercise.values().stream())
                .flatMap(List::stream)
                .filter(t -> t.get("earned") != null)
                .map(Grades::work)
                .toList());
        Map<Long, Double> possible = possible(ids);
        Instant now = Instant.now(clock);
        List<SheetColumn> columns = measures.stream()
                .map(m -> new SheetColumn(
                        m.line().id(),
                        m.line().number(),
                        m.line().title(),
                        possible.get(m.line().id()),
                        m.version().dueAt().orElse(null),
                        m.version().dueAt().map(now::isAfter).orElse(false),
                        scheme.scheme().counts(m.line().id())))
                .toList();
        List<SheetLine> lines = courses.students(course).stream()
                .filter(s -> students == null || students.contains(s.id()))
                .filter(sight::sees)
                .filter(s -> !s.left() || work.containsKey(s.id()))
                .map(s -> line(
                        s,
                        measures,
                        columns,
                        work.getOrDefault(s.id(), Map.of()),
                        excused.getOrDefault(s.id(), Map.of()),
                        worths,
                        scheme,
                        now))
                .toList();
        return new CourseSheet(course, courses.heading(course).title(), sight.own(), scheme, columns, lines);
    }

    /** By student and exercise the attempts, the first first. */
    private Map<Long, Map<Long, List<Tuple>>> work(List<Long> ids, @Nullable Set<Long> students) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        TypedQuery<Tuple> query = entities.createQuery(
                        WORK.formatted(students == null ? "" : "and s.studentId in :students"), Tuple.class)
                .setParameter("exercises", ids);
        if (students != null) {
            query.setParameter("students", students);
        }
        return query.getResultList().stream()
                .collect(Collectors.groupingBy(
                        t -> t.get("student", Long.class), Collectors.groupingBy(t -> t.get("exercise", Long.class))));
    }

    /** By exercise the most points that a check so far could give. */
    private Map<Long, Double> possible(Collection<Long> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        Map<Long, Double> found = new HashMap<>();
        entities.createQuery(
                        "select s.exerciseId as exercise, max(r.possible) as possible from Submission s"
                                + " join CheckRun r on r.id = s.currentRun where s.exerciseId in :exercises"
                                + " and r.possible is not null group by s.exerciseId",
                        Tuple.class)
                .setParameter("exercises", ids)
                .getResultList()
                .forEach(t -> found.put(
                        t.get("exercise", Long.class),
                        t.get("possible", BigDecimal.class).doubleValue()));
        return found;
    }

    private static SheetLine line(
            Student student,
            List<Measure> measures,
            List<SheetColumn> columns,
            Map<Long, List<Tuple>> work,
            Map<Long, String> excused,
            Map<Long, Tallies.Worth> worths,
            Schemes.SchemeView scheme,
            Instant now) {
        List<SheetCell> cells = new ArrayList<>();
        List<Result> results = new ArrayList<>();
        for (int i = 0; i < measures.size(); i++) {
            Measure m = measures.get(i);
            long exercise = m.line().id();
            String why = excused.get(exercise);
            Instant extended = m.extended().get(student.id());
            List<Attempt> attempts = work.getOrDefault(exercise, List.of()).stream()
                    .map(t -> attempt(t, m.version(), extended, worths))
                    .toList();
            if (attempts.isEmpty()) {
                if (why != null) {
                    cells.add(new SheetCell(i, null, null, null, null, null, why));
                } else {
                    Double most = columns.get(i).possible();
                    boolean over = m.version()
                            .dueFor(extended)
                            .map(d -> now.isAfter(d.toInstant()))
                            .orElse(false);
                    if (over && most != null && most > 0) {
                        results.add(new Result(exercise, BigDecimal.ZERO, BigDecimal.valueOf(most)));
                    }
                }
                continue;
            }
            Attempt a = counted(attempts, m.version().settings().attempts().counts());
            cells.add(new SheetCell(
                    i, a.submission(), a.attempt(), a.state(), a.points(), a.late() ? Boolean.TRUE : null, why));
            if (why == null && a.points() != null && a.possible() != null && a.possible() > 0) {
                results.add(new Result(exercise, BigDecimal.valueOf(a.points()), BigDecimal.valueOf(a.possible())));
            }
        }
        return new SheetLine(student, cells, CourseGrade.of(scheme.scheme(), results));
    }

    /** The attempt that the exercise says counts; of those that are worth the same the last. */
    private static Attempt counted(List<Attempt> attempts, ExerciseSettings.Counting rule) {
        return switch (rule) {
            case FIRST -> attempts.get(0);
            case LAST -> attempts.get(attempts.size() - 1);
            case BEST ->
                attempts.stream().reduce((a, b) -> worth(b) >= worth(a) ? b : a).orElseThrow();
        };
    }

    private static double worth(Attempt a) {
        return a.points() == null ? -1 : a.points();
    }

    private static Attempt attempt(
            Tuple t, Exercises.Version version, @Nullable Instant extended, Map<Long, Tallies.Worth> worths) {
        long submission = t.get("submission", Long.class);
        Instant at = t.get("uploadedAt", Instant.class);
        Tallies.Worth worth = t.get("earned") == null ? null : worths.get(submission);
        boolean compiled = !Boolean.FALSE.equals(t.get("compiled", Boolean.class));
        return new Attempt(
                submission,
                t.get("attempt", Integer.class),
                state(t, worth),
                worth == null
                        ? null
                        : version.standing(worth.points(), worth.possible(), compiled, at, extended)
                                .points(),
                worth == null ? null : worth.possible(),
                version.isLate(at, extended));
    }

    private static State state(Tuple t, Tallies.@Nullable Worth worth) {
        if (t.get("returnedAt") != null && t.get("settledBy") != null) {
            return State.RETURNED;
        }
        if (t.get("settledBy") != null) {
            return State.SETTLED;
        }
        return switch (String.valueOf(t.get("state"))) {
            case "FAILED" -> State.FAILED;
            case "CHECKED" -> worth != null && worth.open() > 0 ? State.ASKING : State.PROPOSED;
            default -> State.CHECKING;
        };
    }
}
