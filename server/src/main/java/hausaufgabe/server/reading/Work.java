package hausaufgabe.server.reading;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What there is to read in an exercise: everybody who belongs to it, with their attempts. */
@Component
class Work {

    private static final String ALL = """
            select st.id, st.name, st.group_name, st.left_at, a.account_id, s.id, s.state, s.uploaded_at, v.settled_by
            from student st
            join exercise e on e.course_id = st.course_id
            left join assignment a on a.exercise_id = e.id and a.student_id = st.id
            left join submission s on s.exercise_id = e.id and s.student_id = st.id
            left join review v on v.submission_id = s.id
            where e.id = :exercise
              and not exists (select 1 from excuse x where x.exercise_id = e.id and x.student_id = st.id)
            order by st.name, st.id, s.attempt
            """;

    private final JdbcClient records;

    Work(JdbcClient records) {
        this.records = records;
    }

    /** @param settledBy account; null where nobody has settled it */
    record Attempt(
            long submission,
            boolean checked,
            Instant handedInAt,
            @Nullable Long settledBy) {}

    /**
     * One student's work.
     *
     * @param reader account of whoever reads it; null where it lies in the common stack
     * @param attempts the first first; empty where nothing was handed in
     */
    record Piece(
            long student,
            String name,
            String group,
            @Nullable Long reader,
            List<Attempt> attempts) {

        boolean isSettled() {
            return attempts.stream().anyMatch(a -> a.settledBy() != null);
        }

        boolean isHandedIn() {
            return !attempts.isEmpty();
        }

        /** The last attempt; only where something was handed in. */
        Attempt last() {
            return attempts.get(attempts.size() - 1);
        }

        /** The last attempt that somebody has settled. */
        Optional<Attempt> settled() {
            return attempts.stream().filter(a -> a.settledBy() != null).max(Comparator.comparing(Attempt::handedInAt));
        }
    }

    /** Everybody who has not left or was handed something in for, but for those who are excused. */
    List<Piece> of(long exercise) {
        List<Piece> pieces = new ArrayList<>();
        records.sql(ALL).param("exercise", exercise).query(r -> {
            collect(r, pieces);
        });
        return pieces;
    }

    private static void collect(ResultSet r, List<Piece> pieces) throws SQLException {
        long student = r.getLong(1);
        boolean known = !pieces.isEmpty() && pieces.get(pieces.size() - 1).student() == student;
        Long submission = r.getObject(6, Long.class);
        if (!known) {
            if (r.getObject(4) != null && submission == null) {
                return;
            }
            pieces.add(
                    new Piece(student, r.getString(2), r.getString(3), r.getObject(5, Long.class), new ArrayList<>()));
        }
        if (submission != null) {
            pieces.get(pieces.size() - 1)
                    .attempts()
                    .add(new Attempt(
                            submission,
                            "CHECKED".equals(r.getString(7)),
                            r.getObject(8, OffsetDateTime.class).toInstant(),
                            r.getObject(9, Long.class)));
        }
    }
}
