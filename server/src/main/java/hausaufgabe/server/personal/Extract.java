package hausaufgabe.server.personal;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.server.Problem;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.review.Questions;
import hausaufgabe.server.review.ReviewView;
import hausaufgabe.server.review.Reviews;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** All that is kept of a student in a course, in one zip: what they handed in as it is, the rest as JSON. */
@Component
class Extract {

    /** What is known beside the work itself, by the file it goes into. */
    private static final Map<String, String> TABLES = Map.of(
            "account",
            "select a.login, a.name, a.role, a.disabled_at, a.factor_since from account a"
                    + " join student s on s.account_id = a.id where s.id = ?",
            "sign-ins",
            "select t.tried_at, t.address, t.success from sign_in_attempt t join account a on a.login = t.login"
                    + " join student s on s.account_id = a.id where s.id = ? order by t.id",
            "extensions",
            "select e.title, x.due_at, x.reason, x.given_at from extension x join exercise e on e.id = x.exercise_id"
                    + " where x.student_id = ?",
            "excuses",
            "select e.title, x.reason, x.given_at from excuse x join exercise e on e.id = x.exercise_id"
                    + " where x.student_id = ?",
            "decisions-about-them",
            "select c.changed_at, c.what, c.before, c.after, c.reason from course_change c where c.student_id = ?"
                    + " order by c.id");

    private final JdbcClient records;
    private final Courses courses;
    private final Submissions submissions;
    private final Reviews reviews;
    private final Questions questions;
    private final ObjectMapper mapper;

    Extract(
            JdbcClient records,
            Courses courses,
            Submissions submissions,
            Reviews reviews,
            Questions questions,
            ObjectMapper mapper) {
        this.records = records;
        this.courses = courses;
        this.submissions = submissions;
        this.reviews = reviews;
        this.questions = questions;
        this.mapper = mapper.copy().enable(SerializationFeature.INDENT_OUTPUT);
    }

    /**
     * An attempt, without its report and its files.
     *
     * @param review what people made of it
     */
    private record Attempt(
            int exercise,
            String title,
            int attempt,
            java.time.Instant handedInAt,
            ReviewView review,
            List<Questions.QuestionView> questions) {}

    private record Handed(long id, int number, String title) {}

    byte[] of(long course, long student) {
        Student who = courses.student(course, student);
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
                json(zip, "student.json", who);
                for (var t : TABLES.entrySet()) {
                    json(
                            zip,
                            t.getKey() + ".json",
                            records.sql(t.getValue())
                                    .param(student)
                                    .query((r, i) -> row(r))
                                    .list());
                }
                for (Handed h : records.sql("select s.id, e.number, e.title from submission s"
                                + " join exercise e on e.id = s.exercise_id where s.student_id = ? order by s.id")
                        .param(student)
                        .query((r, i) -> new Handed(r.getLong(1), r.getInt(2), r.getString(3)))
                        .list()) {
                    attempt(zip, h);
                }
            }
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void attempt(ZipOutputStream zip, Handed h) throws IOException {
        HandedIn s = submissions.get(h.id());
        String folder = "exercise-" + h.number() + "/attempt-" + s.attempt() + "/";
        json(
                zip,
                folder + "marks.json",
                new Attempt(h.number(), h.title(), s.attempt(), s.uploadedAt(), reviews.view(s), questions.of(h.id())));
        if (s.report().isPresent()) {
            json(zip, folder + "report.json", s.report().get());
        }
        List<SourceFile> files;
        try {
            files = submissions.sources(h.id()).sources();
        } catch (Problem e) {
            zip.putNextEntry(new ZipEntry(folder + "sources-missing.txt"));
            zip.write(e.getMessage().getBytes(StandardCharsets.UTF_8));
            return;
        }
        for (SourceFile f : files) {
            zip.putNextEntry(new ZipEntry(folder + "sources/" + f.path()));
            zip.write(f.text().getBytes(StandardCharsets.UTF_8));
        }
    }

    private static Map<String, Object> row(ResultSet r) throws SQLException {
        ResultSetMetaData columns = r.getMetaData();
        Map<String, Object> row = new LinkedHashMap<>();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            Object value = r.getObject(i);
            row.put(columns.getColumnLabel(i).toLowerCase(java.util.Locale.ROOT), value == null ? "" : value);
        }
        return row;
    }

    private void json(ZipOutputStream zip, String name, Object value) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(mapper.writeValueAsBytes(value));
    }
}
