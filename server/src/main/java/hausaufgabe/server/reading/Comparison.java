package hausaufgabe.server.reading;

import hausaufgabe.server.submission.Summary;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What the first and the second reader of a submission gave, side by side, as the records have it now. */
@Component
class Comparison {

    private static final String READINGS = """
            select r.id, r.submission_id, s.student_id, s.exercise_id, r.reader_id, r.blind, r.done_at, c.items
            from second_reading r
            join submission s on s.id = r.submission_id
            left join check_run c on c.id = s.current_run
            where s.exercise_id in (:exercises) and (:all or s.student_id in (:students))
            order by r.id
            """;

    private static final String FIRST = """
            select d.submission_id, d.item, d.points, d.reason from point_decision d
            where d.submission_id in (:submissions)
            """;

    private static final String SECOND = """
            select p.reading_id, p.item, p.points, p.reason, p.settled_at from second_points p
            where p.reading_id in (:readings)
            """;

    private final JdbcClient records;

    Comparison(JdbcClient records) {
        this.records = records;
    }

    /** Points and why. */
    record Said(double points, @Nullable String reason) {}

    /** @param first what counts */
    record Both(String item, double possible, Said first, Said second) {}

    /**
     * A submission that is read twice.
     *
     * @param done whether the second has finished
     * @param items so many were compared
     * @param differing where the two differ and nobody has settled it; empty until the second has finished
     */
    record Reading(
            long id,
            long submission,
            long student,
            long reader,
            boolean blind,
            boolean done,
            int items,
            List<Both> differing) {}

    private record Row(long id, long submission, long student, long reader, boolean blind, boolean done, String items) {

        private static Row of(ResultSet r) throws SQLException {
            String items = r.getString(8);
            return new Row(
                    r.getLong(1),
                    r.getLong(2),
                    r.getLong(3),
                    r.getLong(5),
                    r.getBoolean(6),
                    r.getObject(7) != null,
                    items == null ? "[]" : items);
        }
    }

    /** In the order they were drawn. */
    List<Reading> of(Collection<Long> exercises) {
        return of(exercises, null);
    }

    /** @param students of whom it is wanted; null for all */
    List<Reading> of(Collection<Long> exercises, @Nullable Collection<Long> students) {
        // most courses read nothing twice, and a sheet asks at every change
        List<Row> rows = exercises.isEmpty() || isEmpty()
                ? List.of()
                : records.sql(READINGS)
                        .param("exercises", exercises)
                        .param("all", students == null)
                        .param("students", students == null || students.isEmpty() ? List.of(-1L) : students)
                        .query((r, i) -> Row.of(r))
                        .list();
        List<Row> done = rows.stream().filter(Row::done).toList();
        Map<Long, Map<String, Said>> first = new HashMap<>();
        Map<Long, Map<String, Said>> second = new HashMap<>();
        if (!done.isEmpty()) {
            records.sql(FIRST)
                    .param("submissions", done.stream().map(Row::submission).toList())
                    .query(r -> {
                        put(first, r);
                    });
            records.sql(SECOND)
                    .param("readings", done.stream().map(Row::id).toList())
                    .query(r -> {
                        if (r.getObject(5) == null) {
                            put(second, r);
                        }
                    });
        }
        List<Reading> readings = new ArrayList<>();
        for (Row r : rows) {
            List<Summary.Item> items = Summary.items(r.items());
            readings.add(new Reading(
                    r.id(),
                    r.submission(),
                    r.student(),
                    r.reader(),
                    r.blind(),
                    r.done(),
                    items.size(),
                    differing(
                            items,
                            first.getOrDefault(r.submission(), Map.of()),
                            second.getOrDefault(r.id(), Map.of()))));
        }
        return readings;
    }

    private boolean isEmpty() {
        return records.sql("select 1 from second_reading limit 1")
                .query(Integer.class)
                .optional()
                .isEmpty();
    }

    private static void put(Map<Long, Map<String, Said>> into, ResultSet r) throws SQLException {
        BigDecimal points = r.getBigDecimal(3);
        into.computeIfAbsent(r.getLong(1), k -> new LinkedHashMap<>())
                .put(r.getString(2), new Said(points.doubleValue(), r.getString(4)));
    }

    private static List<Both> differing(List<Summary.Item> items, Map<String, Said> first, Map<String, Said> second) {
        List<Both> differing = new ArrayList<>();
        for (Summary.Item i : items) {
            Said one = first.getOrDefault(i.key(), new Said(i.proposed(), null));
            Said other = second.get(i.key());
            if (other != null && other.points() != one.points()) {
                differing.add(new Both(i.key(), i.possible(), one, other));
            }
        }
        return differing;
    }
}
