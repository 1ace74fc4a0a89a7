package hausaufgabe.server.grade;

import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.grading.CourseGrade;
import hausaufgabe.core.grading.Result;
import hausaufgabe.core.grading.Scheme;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Excuses;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Extensions;
import hausaufgabe.server.reading.Assignments;
import hausaufgabe.server.review.SecondMarks;
import hausaufgabe.server.review.SecondMarks.SecondState;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The grade sheet of a course: every student with every exercise, and what they come to by the course's scheme. Read by a fixed
 * number of questions, whole or for some students.
 */
@Service
class CourseSheets {

    private final Courses courses;
    private final Exercises exercises;
    private final Extensions extensions;
    private final Excuses excuses;
    private final Schemes schemes;
    private final Tallies tallies;
    private final CourseWork work;
    private final Assignments assignments;
    private final SecondMarks second;
    private final Accounts accounts;
    private final Clock clock;

    CourseSheets(
            Courses courses,
            Exercises exercises,
            Extensions extensions,
            Excuses excuses,
            Schemes schemes,
            Tallies tallies,
            CourseWork work,
            Assignments assignments,
            SecondMarks second,
            Accounts accounts,
            Clock clock) {
        this.courses = courses;
        this.exercises = exercises;
        this.extensions = extensions;
        this.excuses = excuses;
        this.schemes = schemes;
        this.tallies = tallies;
        this.work = work;
        this.assignments = assignments;
        this.second = second;
        this.accounts = accounts;
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
        /** Settled by one; somebody else is to read it, too. */
        READING_TWICE,
        /** Read by two who differ. */
        DIFFERING,
        /** Read by two, and the two are one. */
        READ_TWICE,
        /** Whoever asks reads it a second time, and sees nothing of it before they are done. */
        HIDDEN,
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
     * @param attempt its number; null for the first
     * @param points as they stand, less what being late costs; null before there is a report
     * @param late null where it is not
     * @param reader name of whoever is to read it; null where that was given to nobody, or it is settled
     * @param excused why nothing is expected; null where it is
     */
    record SheetCell(
            int column,
            @Nullable Long submission,
            @Nullable Integer attempt,
            @Nullable State state,
            @Nullable Double points,
            @Nullable Boolean late,
            @Nullable String excused,
            @Nullable String reader) {}

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

    /** One attempt as the sheet has it. */
    private record Attempt(
            long submission,
            int attempt,
            State state,
            @Nullable Double points,
            @Nullable Double possible,
            boolean late) {}

    /**
     * Who reads what, and what is read twice.
     *
     * @param readers by exercise and student the account of whoever is to read it
     * @param hidden submissions whose marks whoever asks is not to see
     */
    private record Together(
            Map<Long, Map<Long, Long>> readers,
            Map<Long, String> names,
            Map<Long, SecondState> second,
            Set<Long> hidden) {

        private State state(Attempt a) {
            if (hidden.contains(a.submission())) {
                return State.HIDDEN;
            }
            SecondState twice = second.get(a.submission());
            if (a.state() != State.SETTLED || twice == null) {
                return a.state();
            }
            return switch (twice) {
                case GOES_ON -> State.READING_TWICE;
                case DIFFERS -> State.DIFFERING;
                case ALIKE -> State.READ_TWICE;
            };
        }

        private @Nullable String reader(long exercise, long student, State state) {
            if (state != State.ASKING && state != State.PROPOSED && state != State.CHECKING) {
                return null;
            }
            Long account = readers.getOrDefault(exercise, Map.of()).get(student);
            return account == null ? null : names.get(account);
        }
    }

    /** An exercise with what its attempts are measured by. */
    private record Measure(Exercises.Line line, Exercises.Version version, Map<Long, Instant> extended) {}

    /**
     * The sheet, of those whom whoever asks may see.
     *
     * @param students whom it is wanted for; null for all
     */
    @Transactional(readOnly = true)
    CourseSheet sheet(long course, @Nullable Set<Long> students, Viewer viewer) {
        return sheet(course, students, viewer, schemes.of(course));
    }

    /** The sheet as it would be by another scheme. */
    @Transactional(readOnly = true)
    CourseSheet outlook(long course, Scheme scheme, Viewer viewer) {
        return sheet(course, null, viewer, new Schemes.SchemeView(scheme, Schemes.UNWRITTEN, false));
    }

    private CourseSheet sheet(long course, @Nullable Set<Long> students, Viewer viewer, Schemes.SchemeView scheme) {
        Sight sight = viewer.sight();
        List<Exercises.Line> opened = exercises.ofCourse(course).stream()
                .filter(e -> e.version() != null)
                .toList();
        List<Long> ids = opened.stream().map(Exercises.Line::id).toList();
        Map<Long, Map<Long, Instant>> extended = extensions.byExercise(ids);
        List<Measure> measures = opened.stream()
                .map(e -> new Measure(e, exercises.version(e.version()), extended.getOrDefault(e.id(), Map.of())))
                .toList();
        Map<Long, Map<Long, List<CourseWork.Kept>>> attempts = work.of(ids, students);
        Map<Long, Map<Long, String>> excused = new HashMap<>();
        excuses.of(ids)
                .forEach(e -> excused.computeIfAbsent(e.student(), k -> new HashMap<>())
                        .put(e.exercise(), e.reason()));
        Map<Long, Tallies.Worth> worths = tallies.of(attempts.values().stream()
                .flatMap(byExercise -> byExercise.values().stream())
                .flatMap(List::stream)
                .map(CourseWork.Kept::work)
                .filter(Objects::nonNull)
                .toList());
        Map<Long, Double> possible = work.possible(ids);
        Together together = new Together(
                assignments.of(ids, students), accounts.names(), second.states(ids, students), viewer.hidden());
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
        List<Student> wanted = students == null ? courses.students(course) : courses.students(course, students);
        List<SheetLine> lines = wanted.stream()
                .filter(sight::sees)
                .filter(s -> !s.left() || attempts.containsKey(s.id()))
                .map(s -> line(
                        s,
                        measures,
                        columns,
                        attempts.getOrDefault(s.id(), Map.of()),
                        excused.getOrDefault(s.id(), Map.of()),
                        worths,
                        together,
                        scheme,
                        now))
                .toList();
        return new CourseSheet(course, courses.heading(course).title(), sight.own(), scheme, columns, lines);
    }

    private static SheetLine line(
            Student student,
            List<Measure> measures,
            List<SheetColumn> columns,
            Map<Long, List<CourseWork.Kept>> work,
            Map<Long, String> excused,
            Map<Long, Tallies.Worth> worths,
            Together together,
            Schemes.SchemeView scheme,
            Instant now) {
        boolean hides = false;
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
                    cells.add(new SheetCell(i, null, null, null, null, null, why, null));
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
            boolean hidden = together.hidden().contains(a.submission());
            hides |= hidden;
            State state = together.state(a);
            cells.add(new SheetCell(
                    i,
                    a.submission(),
                    a.attempt() == 1 ? null : a.attempt(),
                    state,
                    hidden ? null : a.points(),
                    a.late() ? Boolean.TRUE : null,
                    why,
                    together.reader(exercise, student.id(), state)));
            if (why == null && a.points() != null && a.possible() != null && a.possible() > 0) {
                results.add(new Result(exercise, BigDecimal.valueOf(a.points()), BigDecimal.valueOf(a.possible())));
            }
        }
        // what is kept from somebody is not to be told by the sum either
        return new SheetLine(student, cells, CourseGrade.of(scheme.scheme(), hides ? List.of() : results));
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
            CourseWork.Kept k, Exercises.Version version, @Nullable Instant extended, Map<Long, Tallies.Worth> worths) {
        Tallies.Worth worth = k.work() == null ? null : worths.get(k.submission());
        return new Attempt(
                k.submission(),
                k.attempt(),
                state(k, worth),
                worth == null
                        ? null
                        : version.standing(worth.points(), worth.possible(), k.compiled(), k.uploadedAt(), extended)
                                .points(),
                worth == null ? null : worth.possible(),
                version.isLate(k.uploadedAt(), extended));
    }

    private static State state(CourseWork.Kept k, Tallies.@Nullable Worth worth) {
        if (k.settled()) {
            return k.returned() ? State.RETURNED : State.SETTLED;
        }
        return switch (k.state()) {
            case "FAILED" -> State.FAILED;
            case "CHECKED" -> worth != null && worth.open() > 0 ? State.ASKING : State.PROPOSED;
            default -> State.CHECKING;
        };
    }
}
