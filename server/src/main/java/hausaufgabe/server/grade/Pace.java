package hausaufgabe.server.grade;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** When the work of a course was handed in, and when somebody had settled it. */
@Component
class Pace {

    /** Of every student the last attempt, since earlier ones need not be settled. */
    private static final String WORK = """
            select s.exercise_id, s.uploaded_at, v.settled_at
            from submission s
            join exercise e on e.id = s.exercise_id
            join student st on st.id = s.student_id
            left join review v on v.submission_id = s.id
            where e.course_id = :course and (:everybody or st.group_name in (:groups))
              and s.attempt = (select max(x.attempt) from submission x
                               where x.exercise_id = s.exercise_id and x.student_id = s.student_id)
            order by s.uploaded_at, s.id
            """;

    private final JdbcClient records;

    Pace(JdbcClient records) {
        this.records = records;
    }

    /** @param settledAt null where nobody has settled it */
    record Paced(Instant handedInAt, @Nullable Instant settledAt) {}

    /** @param work in the order it was handed in */
    record ExercisePace(long exercise, List<Paced> work) {}

    private record Row(long exercise, Paced paced) {}

    List<ExercisePace> of(long course, Viewer viewer) {
        Map<Long, List<Paced>> byExercise = new TreeMap<>();
        records.sql(WORK)
                .param("course", course)
                .param("everybody", viewer.sight().everybody())
                .param(
                        "groups",
                        viewer.sight().own().isEmpty()
                                ? List.of("")
                                : viewer.sight().own())
                .query((r, i) -> row(r))
                .list()
                .forEach(r -> byExercise
                        .computeIfAbsent(r.exercise(), k -> new java.util.ArrayList<>())
                        .add(r.paced()));
        return byExercise.entrySet().stream()
                .map(e -> new ExercisePace(e.getKey(), e.getValue()))
                .toList();
    }

    private static Row row(ResultSet r) throws SQLException {
        OffsetDateTime settled = r.getObject(3, OffsetDateTime.class);
        return new Row(
                r.getLong(1),
                new Paced(
                        r.getObject(2, OffsetDateTime.class).toInstant(),
                        settled == null ? null : settled.toInstant()));
    }
}
