package hausaufgabe.server.grade;

import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.submission.Summary;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The points of an exercise as a table that can be taken out, changed, and taken in again: a line an attempt, a column an item. */
@Component
class PointsTable {

    private static final String ATTEMPTS = """
            select s.id, s.student_id, s.attempt, c.items, v.version, v.feedback
            from submission s
            join check_run c on c.id = s.current_run
            left join review v on v.submission_id = s.id
            where s.exercise_id = :exercise and c.items is not null
            order by s.student_id, s.attempt
            """;

    private static final String DECIDED = """
            select d.submission_id, d.item, d.points from point_decision d
            join submission s on s.id = d.submission_id
            where s.exercise_id = :exercise
            """;

    private final JdbcClient records;
    private final Courses courses;
    private final Exercises exercises;

    PointsTable(JdbcClient records, Courses courses, Exercises exercises) {
        this.records = records;
        this.courses = courses;
        this.exercises = exercises;
    }

    /**
     * One attempt.
     *
     * @param version of its marks; null where nobody has begun
     * @param points what stands for each item now, by its key
     */
    record Line(
            Student student,
            long submission,
            int attempt,
            @Nullable Integer version,
            String feedback,
            Map<String, Summary.Item> items,
            Map<String, Double> points) {}

    /**
     * @param title of the exercise
     * @param items keys of all that points can be given for
     * @param lines of those whom whoever asks may see, by name
     * @param students everybody in the course, by their number
     */
    record Points(String title, Set<String> items, List<Line> lines, Map<String, Student> students) {}

    private record Attempt(
            long submission,
            long student,
            int attempt,
            List<Summary.Item> items,
            @Nullable Integer version,
            String feedback) {

        private static Attempt of(ResultSet r) throws SQLException {
            String feedback = r.getString(6);
            return new Attempt(
                    r.getLong(1),
                    r.getLong(2),
                    r.getInt(3),
                    Summary.items(r.getString(4)),
                    r.getObject(5, Integer.class),
                    feedback == null ? "" : feedback);
        }
    }

    Points of(long exercise, LongFunction<Viewer> viewers) {
        Exercises.Line line = exercises.line(exercise);
        Viewer viewer = viewers.apply(line.courseId());
        Map<Long, Map<String, Double>> decided = new HashMap<>();
        records.sql(DECIDED).param("exercise", exercise).query(r -> {
            decided.computeIfAbsent(r.getLong(1), k -> new HashMap<>())
                    .put(r.getString(2), r.getBigDecimal(3).doubleValue());
        });
        Map<Long, List<Attempt>> attempts =
                records.sql(ATTEMPTS).param("exercise", exercise).query((r, i) -> Attempt.of(r)).list().stream()
                        .collect(Collectors.groupingBy(Attempt::student));
        Set<String> items = new LinkedHashSet<>();
        List<Line> lines = new ArrayList<>();
        List<Student> students = courses.students(line.courseId());
        for (Student s : students) {
            for (Attempt a : attempts.getOrDefault(s.id(), List.of())) {
                if (!viewer.sight().sees(s) || viewer.hidden().contains(a.submission())) {
                    continue;
                }
                Map<String, Double> given = decided.getOrDefault(a.submission(), Map.of());
                a.items().forEach(i -> items.add(i.key()));
                lines.add(new Line(
                        s,
                        a.submission(),
                        a.attempt(),
                        a.version(),
                        a.feedback(),
                        a.items().stream().collect(Collectors.toMap(Summary.Item::key, Function.identity())),
                        a.items().stream()
                                .collect(Collectors.toMap(
                                        Summary.Item::key, i -> given.getOrDefault(i.key(), i.proposed())))));
            }
        }
        return new Points(
                line.title(),
                items,
                lines,
                students.stream().collect(Collectors.toMap(Student::number, Function.identity(), (a, b) -> a)));
    }
}
