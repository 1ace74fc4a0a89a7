package hausaufgabe.server.grade;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What was handed in for the exercises of a course, read straight from the database: a large course has tens of thousands of rows. */
@Component
class CourseWork {

    private static final String WORK = """
            select s.exercise_id, s.student_id, s.id, s.attempt, s.uploaded_at, s.state, r.id, r.compiled,
                   r.earned, r.possible, r.open_claims, v.version, v.settled_by, v.returned_at
            from submission s
            left join check_run r on r.id = s.current_run
            left join review v on v.submission_id = s.id
            where %s
            """;

    private static final String POSSIBLE = """
            select s.exercise_id, max(r.possible) from submission s
            join check_run r on r.id = s.current_run
            where s.exercise_id in (:exercises) and r.possible is not null
            group by s.exercise_id
            """;

    /** How long what an exercise can give at most is remembered; it changes with its version, and with what is checked. */
    private static final Duration REMEMBERED = Duration.ofSeconds(20);

    private final JdbcClient records;
    private final Clock clock;
    private final Map<Long, Most> most = new ConcurrentHashMap<>();

    CourseWork(JdbcClient records, Clock clock) {
        this.records = records;
        this.clock = clock;
    }

    /** The most points that an exercise could give, as it was at a moment; null where nothing was checked. */
    private record Most(@Nullable Double points, Instant at) {}

    /** One attempt, as the records have it. */
    record Kept(
            long exercise,
            long student,
            long submission,
            int attempt,
            Instant uploadedAt,
            String state,
            boolean compiled,
            Tallies.@Nullable Work work,
            boolean settled,
            boolean returned) {

        private static Kept of(ResultSet r) throws SQLException {
            BigDecimal earned = r.getBigDecimal(9);
            Integer review = (Integer) r.getObject(12);
            return new Kept(
                    r.getLong(1),
                    r.getLong(2),
                    r.getLong(3),
                    r.getInt(4),
                    r.getObject(5, OffsetDateTime.class).toInstant(),
                    r.getString(6),
                    !Boolean.FALSE.equals(r.getObject(8)),
                    earned == null
                            ? null
                            : new Tallies.Work(
                                    r.getLong(3),
                                    r.getLong(7),
                                    review == null ? -1 : review,
                                    earned.doubleValue(),
                                    r.getBigDecimal(10).doubleValue(),
                                    r.getInt(11)),
                    r.getObject(13) != null,
                    r.getObject(14) != null);
        }
    }

    /** By student and exercise the attempts, the first first. */
    Map<Long, Map<Long, List<Kept>>> of(List<Long> ids, @Nullable Set<Long> students) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        Map<Long, Map<Long, List<Kept>>> found = new HashMap<>();
        if (students == null) {
            // one after the other: what does not fit the database's memory is written to its disk in between
            ids.forEach(id -> collect(
                    records.sql(WORK.formatted("s.exercise_id in (:exercises)")).param("exercises", List.of(id)),
                    found));
        } else {
            // by the student, who has a few: told of both, the database would go through the whole exercise
            collect(
                    records.sql(WORK.formatted("s.student_id in (:students) and s.exercise_id + 0 in (:exercises)"))
                            .param("exercises", ids)
                            .param("students", students.isEmpty() ? Set.of(-1L) : students),
                    found);
        }
        return found;
    }

    private static void collect(JdbcClient.StatementSpec question, Map<Long, Map<Long, List<Kept>>> found) {
        question.query(r -> {
            Kept k = Kept.of(r);
            List<Kept> attempts = found.computeIfAbsent(k.student(), x -> new HashMap<>())
                    .computeIfAbsent(k.exercise(), x -> new ArrayList<>(1));
            attempts.add(k);
            if (attempts.size() > 1) {
                attempts.sort(Comparator.comparingInt(Kept::attempt));
            }
        });
    }

    /** By exercise the most points that a check so far could give. */
    Map<Long, Double> possible(List<Long> ids) {
        Instant now = Instant.now(clock);
        List<Long> old = ids.stream()
                .filter(id -> !most.containsKey(id)
                        || most.get(id).at().plus(REMEMBERED).isBefore(now))
                .toList();
        if (!old.isEmpty()) {
            old.forEach(id -> most.put(id, new Most(null, now)));
            records.sql(POSSIBLE).param("exercises", old).query(r -> {
                most.put(r.getLong(1), new Most(r.getBigDecimal(2).doubleValue(), now));
            });
        }
        Map<Long, Double> found = new HashMap<>();
        for (long id : ids) {
            Double points = most.get(id).points();
            if (points != null) {
                found.put(id, points);
            } else {
                // nothing was checked yet: with the first that is, it is there
                most.remove(id);
            }
        }
        return found;
    }
}
