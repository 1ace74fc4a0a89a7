package hausaufgabe.server.moving;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import hausaufgabe.server.course.Courses;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * A course as one zip that another installation reads: {@code course.json} says what it is, {@code people.jsonl} whom it names,
 * and a file for each table has a row in each line, as JSON.
 */
@Component
class CourseArchive {

    /** What {@link Head#format()} says. */
    static final String FORMAT = "hausaufgabe-course";

    static final String HEAD = "course.json";
    static final String PEOPLE = "people.jsonl";

    private final DataSource records;
    private final Courses courses;
    private final ObjectMapper mapper;
    private final Clock clock;

    CourseArchive(DataSource records, Courses courses, ObjectMapper mapper, Clock clock) {
        this.records = records;
        this.courses = courses;
        this.mapper = mapper.copy().enable(SerializationFeature.INDENT_OUTPUT);
        this.clock = clock;
    }

    /**
     * What an archive is.
     *
     * @param records the version of the records it was written from
     * @param title of the course
     * @param rows how many of each table are in it
     */
    record Head(String format, int records, String title, String term, Instant writtenAt, Map<String, Long> rows) {}

    /**
     * Somebody whom the records name.
     *
     * @param staff whether somebody of the staff; else a student
     */
    record Somebody(long id, String login, String name, boolean staff) {}

    /** The file that holds a table's rows. */
    static String file(String table) {
        return "records/" + table + ".jsonl";
    }

    /**
     * Writes a course as it stands at one moment, whatever is changed meanwhile.
     *
     * @throws IOException where whoever reads it went away, or the records cannot be read
     */
    void write(long course, OutputStream to) throws IOException {
        Courses.Heading heading = courses.heading(course);
        try (Connection c = records.getConnection();
                ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            boolean before = c.getAutoCommit();
            c.setAutoCommit(false);
            c.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
            try {
                Map<String, Long> rows = new LinkedHashMap<>();
                Set<Long> people = new TreeSet<>();
                for (CourseRecords.Shelf s : CourseRecords.TAKEN) {
                    zip.putNextEntry(new ZipEntry(file(s.table())));
                    rows.put(s.table(), rows(c, s, course, zip, people));
                }
                zip.putNextEntry(new ZipEntry(PEOPLE));
                people(c, people, zip);
                zip.putNextEntry(new ZipEntry(HEAD));
                zip.write(mapper.writeValueAsBytes(
                        new Head(FORMAT, version(c), heading.title(), heading.term(), Instant.now(clock), rows)));
            } finally {
                c.rollback();
                c.setAutoCommit(before);
            }
        } catch (SQLException e) {
            throw new IOException("the records of the course cannot be read", e);
        }
    }

    private long rows(Connection c, CourseRecords.Shelf shelf, long course, OutputStream to, Set<Long> people)
            throws SQLException, IOException {
        TableShape shape = TableShape.of(c, shelf.table());
        String question = "select " + TableShape.listed(shape.columns().keySet()) + " from "
                + TableShape.quoted(shelf.table()) + " where " + shelf.which().replace(":course", "?");
        long n = 0;
        try (PreparedStatement p = c.prepareStatement(question)) {
            for (int i = 1; i <= p.getParameterMetaData().getParameterCount(); i++) {
                p.setLong(i, course);
            }
            try (ResultSet r = p.executeQuery()) {
                for (; r.next(); n++) {
                    Map<String, Object> row = shape.row(r);
                    for (String who : shape.people()) {
                        if (row.get(who) instanceof Long account) {
                            people.add(account);
                        }
                    }
                    row.replaceAll((column, value) -> TableShape.written(value));
                    line(row, to);
                }
            }
        }
        return n;
    }

    /** A line of JSON; what ends it stands in no text of it. */
    private void line(Object value, OutputStream to) throws IOException {
        to.write(mapper.writer().without(SerializationFeature.INDENT_OUTPUT).writeValueAsBytes(value));
        to.write('\n');
    }

    private void people(Connection c, Set<Long> ids, OutputStream to) throws SQLException, IOException {
        try (PreparedStatement p = c.prepareStatement("select login, name, role from account where id = ?")) {
            for (long id : ids) {
                p.setLong(1, id);
                try (ResultSet r = p.executeQuery()) {
                    if (r.next()) {
                        line(
                                new Somebody(
                                        id,
                                        r.getString(1),
                                        r.getString(2),
                                        !r.getString(3).equals("STUDENT")),
                                to);
                    }
                }
            }
        }
    }

    /** The version of records. */
    static int version(Connection c) throws SQLException {
        try (Statement s = c.createStatement();
                ResultSet r = s.executeQuery("select max(cast(\"version\" as int)) from \"flyway_schema_history\"")) {
            r.next();
            return r.getInt(1);
        }
    }
}
