package hausaufgabe.server.grade;

import com.fasterxml.jackson.annotation.JsonRawValue;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Extensions;
import hausaufgabe.server.reading.Assignments;
import hausaufgabe.server.review.SecondMarks;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The grade sheet of an exercise: every student, with the attempt that counts. It is read by a fixed number of queries from what was
 * kept for lists; no report and nothing that was handed in is opened for it.
 */
@Service
class Grades {

    private static final String ROWS = """
            select st.id as student, st.number as number, st.name as name, st.groupName as groupName,
                   st.email as email, st.leftAt as leftAt,
                   s.id as submission, s.attempt as attempt, s.uploadedAt as uploadedAt, s.state as state,
                   s.failure as failure, r.compiled as compiled, r.verdict as verdict, r.form as form,
                   r.earned as earned, r.possible as possible, r.openClaims as openClaims, r.marks as marks,
                   v.feedback as feedback, v.settledBy as settledBy,
                   r.id as run, v.version as review
            from Enrolled st
            left join Submission s on s.studentId = st.id and s.exerciseId = :exercise
            left join CheckRun r on r.id = s.currentRun
            left join Review v on v.submissionId = s.id
            where st.courseId = :course and (st.leftAt is null or s.id is not null)
            order by st.name, st.number, s.attempt
            """;
    private static final String LAST_CHANGES = """
            select g.submissionId as submission, g.changedBy as changedBy
            from GradeChange g
            where g.id in (select max(x.id) from GradeChange x join Submission s on s.id = x.submissionId
                           where s.exerciseId = :exercise group by x.submissionId)
            """;

    private final Courses courses;
    private final Exercises exercises;
    private final Extensions extensions;
    private final Submissions submissions;
    private final Accounts accounts;
    private final Tallies tallies;
    private final Assignments assignments;
    private final SecondMarks second;
    private final EntityManager entities;

    Grades(
            Courses courses,
            Exercises exercises,
            Extensions extensions,
            Submissions submissions,
            Accounts accounts,
            Tallies tallies,
            Assignments assignments,
            SecondMarks second,
            EntityManager entities) {
        this.courses = courses;
        this.exercises = exercises;
        this.extensions = extensions;
        this.submissions = submissions;
        this.accounts = accounts;
        this.tallies = tallies;
        this.assignments = assignments;
        this.second = second;
        this.entities = entities;
    }

    /**
     * One student.
     *
     * @param handedIn the attempt that counts; null where nothing was handed in
     * @param points as they stand, less what being late costs; null before there is a report
     * @param reader name of whoever is to read it; null where it was given to nobody
     * @param mine whether that is whoever asks; null as that
     * @param markedBy name of who settled it, or of who last changed it; null when nobody has
     */
    record Row(
            Student student,
            @Nullable CountedAttempt handedIn,
            @Nullable Double points,
            @Nullable Double possible,
            @Nullable String markedBy,
            boolean settled,
            String feedback,
            @Nullable String reader,
            @Nullable Boolean mine) {

        /** The same, as somebody may see it. */
        private Row seenBy(Viewer viewer, @Nullable Long given, Map<Long, String> names) {
            boolean hides = handedIn != null && viewer.hidden().contains(handedIn.submissionId());
            return new Row(
                    student,
                    handedIn,
                    hides ? null : points,
                    possible,
                    hides ? null : markedBy,
                    !hides && settled,
                    hides ? "" : feedback,
                    given == null ? null : names.get(given),
                    given == null ? null : given == viewer.person().id());
        }
    }

    /**
     * @param attempts how many there are
     * @param lateCost points taken off for being late
     * @param verdict null before there is a report
     * @param marks as they are kept, in JSON
     */
    record CountedAttempt(
            long submissionId,
            int attempt,
            int attempts,
            Instant uploadedAt,
            boolean late,
            double lateCost,
            HandedIn.State state,
            @Nullable String progress,
            @Nullable String failure,
            boolean compiled,
            CheckReport.@Nullable Verdict verdict,
            @Nullable String form,
            int toSettle,

            @JsonRawValue String marks) {}

    /**
     * @param ownGroups the groups that whoever asks looks after
     * @param second submissions that whoever asks has still to read a second time
     * @param rows of those whom whoever asks may see
     */
    record Sheet(
            long exerciseId,
            int number,
            String title,
            long courseId,
            String course,
            List<String> ownGroups,
            List<Long> second,
            List<Row> rows) {}

    /** @param viewers whoever asks, as they are in a course */
    @Transactional(readOnly = true)
    Sheet sheet(long exercise, LongFunction<Viewer> viewers) {
        Exercises.Line line = exercises.line(exercise);
        Viewer viewer = viewers.apply(line.courseId());
        Sight sight = viewer.sight();
        Map<Long, Long> readers = assignments.of(List.of(exercise)).getOrDefault(exercise, Map.of());
        Optional<Exercises.Version> version = exercises.inForce(exercise);
        Map<Long, String> names = accounts.names();
        Map<Long, Instant> extended = extensions.byStudent(exercise);
        Map<Long, Long> lastBy = new HashMap<>();
        for (Tuple t : ask(LAST_CHANGES).setParameter("exercise", exercise).getResultList()) {
            lastBy.put(t.get("submission", Long.class), t.get("changedBy", Long.class));
        }
        Map<Long, List<Tuple>> byStudent = new LinkedHashMap<>();
        ask(ROWS)
                .setParameter("exercise", exercise)
                .setParameter("course", line.courseId())
                .getResultList()
                .forEach(t -> byStudent
                        .computeIfAbsent(t.get("student", Long.class), k -> new ArrayList<>())
                        .add(t));
        Map<Long, Tallies.Worth> worths = tallies.of(byStudent.values().stream()
                .flatMap(List::stream)
                .filter(t -> t.get("verdict") != null)
                .map(Grades::work)
                .toList());
        List<Row> rows = byStudent.values().stream()
                .map(attempts -> counted(
                        attempts.stream()
                                .map(t -> row(
                                        t,
                                        attempts.size(),
                                        version,
                                        names,
                                        lastBy,
                                        worths,
                                        extended.get(t.get("student", Long.class))))
                                .toList(),
                        version))
                .filter(r -> sight.sees(r.student()))
                .map(r -> r.seenBy(viewer, readers.get(r.student().id()), names))
                .toList();
        return new Sheet(
                line.id(),
                line.number(),
                line.title(),
                line.courseId(),
                courses.heading(line.courseId()).title(),
                sight.own(),
                second.toRead(exercise, viewer.person()),
                rows);
    }

    /** The attempt that the exercise says counts; of those that are worth the same the last. */
    private static Row counted(List<Row> attempts, Optional<Exercises.Version> version) {
        ExerciseSettings.Counting rule =
                version.map(v -> v.settings().attempts().counts()).orElse(ExerciseSettings.Counting.LAST);
        return switch (rule) {
            case FIRST -> attempts.get(0);
            case LAST -> attempts.get(attempts.size() - 1);
            case BEST ->
                attempts.stream().reduce((a, b) -> worth(b) >= worth(a) ? b : a).orElseThrow();
        };
    }

    private static double worth(Row row) {
        return row.points() == null ? -1 : row.points();
    }

    private static Tallies.Work work(Tuple t) {
        Integer review = t.get("review", Integer.class);
        return new Tallies.Work(
                t.get("submission", Long.class),
                t.get("run", Long.class),
                review == null ? -1 : review,
                t.get("earned", BigDecimal.class).doubleValue(),
                t.get("possible", BigDecimal.class).doubleValue(),
                t.get("openClaims", Integer.class));
    }

    private jakarta.persistence.TypedQuery<Tuple> ask(String query) {
        return entities.createQuery(query, Tuple.class);
    }

    private Row row(
            Tuple t,
            int attempts,
            Optional<Exercises.Version> version,
            Map<Long, String> names,
            Map<Long, Long> lastBy,
            Map<Long, Tallies.Worth> worths,
            @Nullable Instant extended) {
        Student student = new Student(
                t.get("student", Long.class),
                t.get("number", String.class),
                t.get("name", String.class),
                t.get("groupName", String.class),
                t.get("email", String.class),
                t.get("leftAt") != null);
        Long submission = t.get("submission", Long.class);
        if (submission == null) {
            return new Row(student, null, null, null, null, false, "", null, null);
        }
        CheckReport.Verdict verdict = t.get("verdict", CheckReport.Verdict.class);
        Tallies.Worth points = verdict == null ? null : worths.get(submission);
        Instant uploadedAt = t.get("uploadedAt", Instant.class);
        boolean compiled = !Boolean.FALSE.equals(t.get("compiled", Boolean.class));
        Exercises.Standing standing = points == null
                ? new Exercises.Standing(0, 0)
                : version.orElseThrow().standing(points.points(), points.possible(), compiled, uploadedAt, extended);
        CountedAttempt attempt = new CountedAttempt(
                submission,
                t.get("attempt", Integer.class),
                attempts,
                uploadedAt,
                version.map(v -> v.isLate(uploadedAt, extended)).orElse(false),
                standing.late(),
                HandedIn.State.valueOf(String.valueOf(t.get("state"))),
                submissions.progressOf(submission),
                t.get("failure", String.class),
                compiled,
                verdict,
                t.get("form", String.class),
                points == null ? 0 : points.open(),
                t.get("marks", String.class) == null ? "[]" : t.get("marks", String.class));
        Long settledBy = t.get("settledBy", Long.class);
        String feedback = t.get("feedback", String.class);
        return new Row(
                student,
                attempt,
                points == null ? null : standing.points(),
                points == null ? null : points.possible(),
                names.get(settledBy != null ? settledBy : lastBy.get(submission)),
                settledBy != null,
                feedback == null ? "" : feedback,
                null,
                null);
    }
}
