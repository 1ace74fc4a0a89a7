package hausaufgabe.server.grade;

import hausaufgabe.server.course.Sight;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** Everything that was decided in a course, by whom, when and why, the newest first. Only ever read. */
@Service
class CourseHistory {

    private static final int PAGE = 100;

    /** Marks of submissions, decisions about the course, and versions of exercises, alike. */
    private static final String ALL = """
            select all_changes.*, a.name as name, x.number as exercise_number, st.name as student_name from (
                select g.changed_at as at, 0 as kind, g.id as id, g.what as what, s.exercise_id as exercise_id,
                       s.student_id as student_id, s.id as submission_id, s.attempt as attempt, g.item as item,
                       g.before as before, g.after as after, g.reason as reason, g.changed_by as changed_by
                from grade_change g
                join submission s on s.id = g.submission_id
                join exercise e on e.id = s.exercise_id
                where e.course_id = :course
                union all
                select c.changed_at, 1, c.id, c.what, c.exercise_id, c.student_id, null, null, null,
                       c.before, c.after, c.reason, c.changed_by
                from course_change c
                where c.course_id = :course
                union all
                select v.made_at, 2, v.id, 'VERSION', v.exercise_id, null, null, null, null,
                       null, cast(v.number as varchar), v.note, v.made_by
                from exercise_version v
                join exercise e on e.id = v.exercise_id
                where e.course_id = :course
            ) all_changes
            left join account a on a.id = all_changes.changed_by
            left join exercise x on x.id = all_changes.exercise_id
            left join student st on st.id = all_changes.student_id
            where (:exercise is null or all_changes.exercise_id = :exercise)
              and (:student is null or all_changes.student_id = :student)
              and (:who is null or all_changes.changed_by = :who)
              and (:what is null or all_changes.what = :what)
              and (:before is null or all_changes.at < :before)
              and (:everybody or st.id is null or st.group_name in (:groups))
              and (all_changes.submission_id is null or all_changes.submission_id not in (:hidden))
            order by all_changes.at desc, kind, all_changes.id desc
            limit :most
            """;

    private final JdbcClient records;

    CourseHistory(JdbcClient records) {
        this.records = records;
    }

    /**
     * What is wanted; null where it does not matter.
     *
     * @param who account of who did it
     * @param before only what is older
     */
    record Wanted(
            @Nullable Long exercise,
            @Nullable Long student,
            @Nullable Long who,
            @Nullable String what,
            @Nullable Instant before) {}

    /**
     * A decision.
     *
     * @param what points, feedback, and so on
     * @param exercise null where it is about all
     * @param number of the exercise; null as that
     * @param student null where it is about all
     * @param submission null where it is not about one
     * @param item what points were for; null for other decisions
     */
    record HistoryLine(
            Instant at,
            @Nullable String by,
            String what,
            @Nullable Long exercise,
            @Nullable Integer number,
            @Nullable Long student,
            @Nullable String name,
            @Nullable Long submission,
            @Nullable Integer attempt,
            @Nullable String item,
            @Nullable String before,
            @Nullable String after,
            @Nullable String reason) {}

    /** @param more whether there are older ones */
    record HistoryPage(List<HistoryLine> lines, boolean more) {}

    HistoryPage page(long course, Wanted wanted, Viewer viewer) {
        Sight sight = viewer.sight();
        List<HistoryLine> lines = records.sql(ALL)
                .param("course", course)
                .param("exercise", wanted.exercise())
                .param("student", wanted.student())
                .param("who", wanted.who())
                .param("what", wanted.what())
                .param(
                        "before",
                        wanted.before() == null ? null : wanted.before().atOffset(ZoneOffset.UTC))
                .param("everybody", sight.everybody())
                .param("groups", sight.own().isEmpty() ? List.of("") : sight.own())
                .param("hidden", viewer.hidden().isEmpty() ? Set.of(-1L) : viewer.hidden())
                .param("most", PAGE + 1)
                .query(CourseHistory::line)
                .list();
        return new HistoryPage(new ArrayList<>(lines.subList(0, Math.min(PAGE, lines.size()))), lines.size() > PAGE);
    }

    private static HistoryLine line(ResultSet r, int row) throws SQLException {
        return new HistoryLine(
                r.getObject("at", OffsetDateTime.class).toInstant(),
                r.getString("name"),
                r.getString("what"),
                r.getObject("exercise_id", Long.class),
                r.getObject("exercise_number", Integer.class),
                r.getObject("student_id", Long.class),
                r.getString("student_name"),
                r.getObject("submission_id", Long.class),
                r.getObject("attempt", Integer.class),
                r.getString("item"),
                r.getString("before"),
                r.getString("after"),
                r.getString("reason"));
    }
}
