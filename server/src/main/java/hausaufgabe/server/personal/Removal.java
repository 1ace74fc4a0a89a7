package hausaufgabe.server.personal;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.checking.Json;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.CourseLog;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.git.Repositories;
import hausaufgabe.server.submission.Submissions;
import hausaufgabe.server.submission.Summary;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Removes what is kept of a student, at their request: name and number, what they handed in and the names in what was found of it,
 * every text about it. Points and how each claim stood stay, of somebody nobody can name, so that the figures of the course do.
 */
@Component
class Removal {

    private static final String SAID = "Removed at the student's request.";

    private final JdbcClient records;
    private final Courses courses;
    private final CourseLog log;
    private final Repositories repositories;
    private final TransactionTemplate transaction;
    private final ObjectMapper mapper;

    Removal(
            JdbcClient records,
            Courses courses,
            CourseLog log,
            Repositories repositories,
            TransactionTemplate transaction,
            ObjectMapper mapper) {
        this.records = records;
        this.courses = courses;
        this.log = log;
        this.repositories = repositories;
        this.transaction = transaction;
        this.mapper = mapper;
    }

    /**
     * Removes it all or nothing; it cannot be brought back.
     *
     * @param number of the student, said once more so that nobody else's is removed
     * @throws Problem where it is another's, or something of theirs is being checked
     */
    void remove(long course, long student, @Nullable String number, Person by) {
        Student who = courses.student(course, student);
        if (!who.number().equals(number == null ? "" : number.strip())) {
            throw Problem.badRequest("That is not the number of " + who.name() + ". Nothing was removed.");
        }
        transaction.executeWithoutResult(status -> {
            List<Long> submissions = ids("select id from submission where student_id = ?", student);
            for (long s : submissions) {
                if (!ids("select submission_id from job where submission_id = ?", s)
                        .isEmpty()) {
                    throw Problem.conflict("Something of theirs is being checked. Try again when it is done;"
                            + " nothing was removed.");
                }
            }
            List<Long> those = ids("select distinct exercise_id from submission where student_id = ?", student);
            submissions.forEach(this::submission);
            those.forEach(e -> jointAnswers(e, new TreeSet<>(submissions)));
            sources(student);
            person(course, student);
            log.add(new CourseLog.Entry(course, null, student, CourseLog.Aspect.REMOVAL, null, "removed", SAID), by);
            // last: where a folder cannot be deleted, nothing was removed
            ids("select id from exercise where course_id = ?", course).forEach(e -> repositories.remove(e, student));
        });
    }

    private List<Long> ids(String question, long of) {
        return records.sql(question).param(of).query(Long.class).list();
    }

    private void run(String change, Object... of) {
        records.sql(change).params(of).update();
    }

    private void submission(long id) {
        for (long r : ids("select id from check_run where submission_id = ?", id)) {
            report(r);
        }
        run("update review set feedback = '' where submission_id = ?", id);
        run("delete from remark where submission_id = ?", id);
        run("delete from role_binding where submission_id = ?", id);
        run("delete from question where submission_id = ?", id);
        run("delete from step where submission_id = ?", id);
        run("delete from push where submission_id = ?", id);
        run("update point_decision set reason = ? where submission_id = ?", SAID, id);
        run(
                "update second_points set reason = ? where reading_id in"
                        + " (select r.id from second_reading r where r.submission_id = ?)",
                SAID,
                id);
        run("update grade_change set reason = null where submission_id = ?", id);
        run(
                "update grade_change set before = null, after = null where submission_id = ?"
                        + " and what in ('FEEDBACK', 'REMARK', 'BINDING')",
                id);
    }

    /** A check keeps its figures, and nothing of the program. */
    private void report(long run) {
        String text = records.sql("select report from check_run where id = ?")
                .param(run)
                .query((r, i) -> r.getString(1))
                .single();
        run(
                "update check_run set print = null, failure = case when failure is null then null else ? end where id = ?",
                SAID,
                run);
        if (text == null) {
            return;
        }
        try {
            CheckReport plain = Anonymous.of(Json.mapper().readValue(text, CheckReport.class));
            List<Summary.Mark> marks = Summary.of(plain, List.of()).marks();
            run(
                    "update check_run set report = ?, marks = ? where id = ?",
                    Json.mapper().writeValueAsString(plain),
                    mapper.writeValueAsString(marks),
                    run);
        } catch (JsonProcessingException e) {
            run("update check_run set report = null, marks = '[]' where id = ?", run);
        }
    }

    /** What stood in a submission's feedback before it was answered together with others is kept with that answer. */
    private void jointAnswers(long exercise, Set<Long> submissions) {
        for (long a : ids("select id from joint_answer where exercise_id = ?", exercise)) {
            String parts = records.sql("select parts from joint_answer where id = ?")
                    .param(a)
                    .query((r, i) -> r.getString(1))
                    .single();
            try {
                JsonNode all = mapper.readTree(parts);
                boolean changed = false;
                for (JsonNode part : all) {
                    if (submissions.contains(part.path("submission").asLong())) {
                        ((ObjectNode) part).put("feedback", "");
                        part.path("points").forEach(p -> ((ObjectNode) p).put("reason", SAID));
                        changed = true;
                    }
                }
                if (changed) {
                    run("update joint_answer set parts = ? where id = ?", mapper.writeValueAsString(all), a);
                }
            } catch (JsonProcessingException e) {
                throw new IllegalStateException("joint answer " + a + " cannot be read", e);
            }
        }
    }

    /** What nobody else has handed in, too, is deleted. */
    private void sources(long student) {
        List<String> hashes = records.sql("select distinct source_hash from submission where student_id = ?")
                .param(student)
                .query(String.class)
                .list();
        run(
                "merge into content (hash, bytes, stored_at) key (hash) values (?, X'', current_timestamp)",
                Submissions.REMOVED);
        run("update submission set source_hash = ? where student_id = ?", Submissions.REMOVED, student);
        run(
                "update pile_piece set name = ?, reason = '', problem = null, source_hash = null, left_out = true"
                        + " where student_id = ?",
                Submissions.REMOVED,
                student);
        for (String hash : hashes) {
            run(
                    "delete from content where hash = ?"
                            + " and not exists (select 1 from submission s where s.source_hash = content.hash)"
                            + " and not exists (select 1 from pile_piece p where p.source_hash = content.hash)"
                            + " and not exists (select 1 from step t where t.source_hash = content.hash)",
                    hash);
        }
    }

    private void person(long course, long student) {
        Long account = records.sql("select account_id from student where id = ?")
                .param(student)
                .query((r, i) -> r.getObject(1, Long.class))
                .single();
        run("update excuse set reason = ? where student_id = ?", SAID, student);
        run("update extension set reason = ? where student_id = ?", SAID, student);
        run("delete from assignment where student_id = ?", student);
        run("update course_change set before = null, after = null, reason = null where student_id = ?", student);
        run(
                "update student set name = 'Removed', number = ?, email = '', account_id = null,"
                        + " left_at = coalesce(left_at, current_timestamp) where id = ? and course_id = ?",
                "removed-" + student,
                student,
                course);
        if (account != null
                && ids("select id from student where account_id = ?", account).isEmpty()) {
            account(account);
        }
    }

    /** An account that nobody studies with any more; one that staff have stays. */
    private void account(long id) {
        List<String> login = records.sql("select login from account where id = ? and role = 'STUDENT'")
                .param(id)
                .query(String.class)
                .list();
        if (login.isEmpty()) {
            return;
        }
        run("delete from sign_in_attempt where login = ?", login.get(0));
        run("delete from access_token where account_id = ?", id);
        run("delete from recovery_code where account_id = ?", id);
        run("delete from account_link where account_id = ?", id);
        run(
                "update account set login = ?, name = 'Removed', password_hash = null, factor_secret = null,"
                        + " outside_issuer = null, outside_subject = null, epoch = epoch + 1,"
                        + " disabled_at = current_timestamp where id = ?",
                "removed-" + id,
                id);
    }
}
