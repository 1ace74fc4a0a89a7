package hausaufgabe.server.moving;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.server.Problem;
import hausaufgabe.server.moving.CourseArchive.Head;
import hausaufgabe.server.moving.CourseArchive.Somebody;
import java.io.BufferedReader;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.migration.JavaMigration;
import org.springframework.util.FileSystemUtils;

/**
 * A course that came in, in records of its own: made in the version that it was written from, and brought up to today's as any
 * records are. Nothing of it is in the records of this installation yet.
 */
final class StagedCourse implements AutoCloseable {

    /** Bytes that an archive may unpack to. */
    private static final long LARGEST = 4L << 30;

    /** Bytes of one row: what was handed in at once, written in text, and room beside it. */
    private static final long LONGEST_LINE = 64L << 20;

    /** The first version of records that archives were written from. */
    private static final int FIRST = 14;

    private final Path folder;
    private final Head head;
    private final List<Somebody> people;
    private final Connection connection;

    private StagedCourse(Path folder, Head head, List<Somebody> people, Connection connection) {
        this.folder = folder;
        this.head = head;
        this.people = people;
        this.connection = connection;
    }

    Head head() {
        return head;
    }

    List<Somebody> people() {
        return people;
    }

    Connection connection() {
        return connection;
    }

    /**
     * Reads an archive.
     *
     * @param known the version of this installation's records
     * @throws Problem where it is none, a damaged one, or one of a later version
     */
    static StagedCourse of(Path archive, int known, List<JavaMigration> migrations, ObjectMapper given) {
        ObjectMapper mapper = given.copy().enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS);
        Path folder = null;
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            Budget budget = new Budget();
            Head head = head(zip, mapper, budget, known);
            List<Somebody> people = people(zip, mapper, budget);
            folder = Files.createTempDirectory("hausaufgabe-course");
            String url = "jdbc:h2:file:" + folder.resolve("staged") + ";DB_CLOSE_ON_EXIT=FALSE";
            Flyway.configure()
                    .dataSource(url, "sa", "")
                    .javaMigrations(migrations.toArray(JavaMigration[]::new))
                    .target(String.valueOf(head.records()))
                    .load()
                    .migrate();
            Connection c = DriverManager.getConnection(url, "sa", "");
            try {
                fill(c, zip, mapper, budget);
                people(c, people);
            } catch (SQLException | IOException | RuntimeException e) {
                c.close();
                throw e;
            }
            Flyway.configure()
                    .dataSource(url, "sa", "")
                    .javaMigrations(migrations.toArray(JavaMigration[]::new))
                    .load()
                    .migrate();
            StagedCourse staged = new StagedCourse(folder, head, people, c);
            folder = null;
            return staged;
        } catch (ZipException e) {
            throw Problem.badRequest(
                    "This is no zip, or a damaged one. Choose the file that the other installation gave out. Nothing was stored.");
        } catch (JsonProcessingException e) {
            throw Problem.badRequest("What stands in " + CourseArchive.HEAD
                    + " cannot be read. Take the course out of the other installation again; nothing was stored.");
        } catch (IOException | SQLException e) {
            throw Problem.badRequest("The archive cannot be read: " + e.getMessage()
                    + ". Take the course out of the other" + " installation again; nothing was stored.");
        } finally {
            if (folder != null) {
                FileSystemUtils.deleteRecursively(folder.toFile());
            }
        }
    }

    /** How much of an archive was unpacked so far. */
    private static final class Budget {

        private long left = LARGEST;
        private long line;

        InputStream of(ZipFile zip, String name) throws IOException {
            ZipEntry entry = zip.getEntry(name);
            if (entry == null) {
                throw Problem.badRequest("There is no " + name + " in it, so it is no course that was taken out of"
                        + " Hausaufgabe. Nothing was stored.");
            }
            return new FilterInputStream(zip.getInputStream(entry)) {
                @Override
                public int read(byte[] bytes, int from, int length) throws IOException {
                    int n = super.read(bytes, from, length);
                    left -= Math.max(n, 0);
                    for (int i = 0; i < n; i++) {
                        line = bytes[from + i] == '\n' ? 0 : line + 1;
                    }
                    if (left < 0 || line > LONGEST_LINE) {
                        throw Problem.tooLarge("Unpacked it is larger than a course can be. Nothing was stored.");
                    }
                    return n;
                }
            };
        }
    }

    private static Head head(ZipFile zip, ObjectMapper mapper, Budget budget, int known) throws IOException {
        Head head;
        try (InputStream in = budget.of(zip, CourseArchive.HEAD)) {
            head = mapper.readValue(in, Head.class);
        }
        if (head == null
                || !CourseArchive.FORMAT.equals(head.format())
                || head.records() < FIRST
                || head.title() == null
                || head.rows() == null) {
            throw Problem.badRequest("This is no course that was taken out of Hausaufgabe. Nothing was stored.");
        }
        if (head.records() > known) {
            throw Problem.badRequest("It was written by a later version of Hausaufgabe: its records are of version "
                    + head.records() + ", and this one knows up to " + known
                    + ". Bring this installation up to date first; nothing was stored.");
        }
        return head;
    }

    private static List<Somebody> people(ZipFile zip, ObjectMapper mapper, Budget budget) throws IOException {
        List<Somebody> all = new ArrayList<>();
        Set<Long> ids = new HashSet<>();
        lines(zip, CourseArchive.PEOPLE, budget, text -> {
            Somebody s = mapper.readValue(text, Somebody.class);
            if (s == null || s.login() == null || s.name() == null || !ids.add(s.id())) {
                throw new IllegalArgumentException("somebody without a name, or twice");
            }
            all.add(s);
        });
        return List.copyOf(all);
    }

    /** What is done with a line of a file. */
    private interface Taker {
        void take(String line) throws IOException, SQLException;
    }

    private static void lines(ZipFile zip, String name, Budget budget, Taker taker) throws IOException {
        int number = 0;
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(budget.of(zip, name), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                number++;
                taker.take(line);
            }
        } catch (JsonProcessingException | IllegalArgumentException | SQLException e) {
            String why = e instanceof JsonProcessingException j ? j.getOriginalMessage() : first(e.getMessage());
            throw Problem.badRequest("Line " + number + " of " + name + " cannot be read: " + why
                    + ". Take the course out of the other installation again; nothing was stored.");
        }
    }

    private static String first(String message) {
        return String.valueOf(message).lines().findFirst().orElse("");
    }

    private static void fill(Connection c, ZipFile zip, ObjectMapper mapper, Budget budget)
            throws SQLException, IOException {
        try (Statement s = c.createStatement()) {
            // two tables refer to each other; that all refer to something is seen when they are taken over
            s.execute("set referential_integrity false");
        }
        c.setAutoCommit(false);
        for (CourseRecords.Shelf shelf : CourseRecords.TAKEN) {
            TableShape shape = TableShape.of(c, shelf.table());
            try (PreparedStatement p =
                    c.prepareStatement(shape.adding(shape.columns().keySet()))) {
                lines(zip, CourseArchive.file(shelf.table()), budget, line -> {
                    JsonNode row = mapper.readTree(line);
                    if (!(row instanceof ObjectNode)) {
                        throw new IllegalArgumentException("it is no row");
                    }
                    int place = 1;
                    for (String column : shape.columns().keySet()) {
                        p.setObject(
                                place++,
                                shape.read(
                                        column,
                                        row.path(column).isMissingNode() ? mapper.nullNode() : row.get(column)));
                    }
                    p.executeUpdate();
                });
            }
        }
        c.commit();
        c.setAutoCommit(true);
    }

    /** They are there for what a later version's records do with them. */
    private static void people(Connection c, List<Somebody> people) throws SQLException {
        Map<Long, Somebody> byId = new LinkedHashMap<>();
        people.forEach(s -> byId.put(s.id(), s));
        try (PreparedStatement p =
                c.prepareStatement("insert into account (id, login, name, role) values (?, ?, ?, ?)")) {
            for (Somebody s : byId.values()) {
                p.setLong(1, s.id());
                p.setString(2, s.id() + "-" + Math.abs(s.login().hashCode()));
                p.setString(3, s.name());
                p.setString(4, s.staff() ? "TUTOR" : "STUDENT");
                p.executeUpdate();
            }
        }
    }

    @Override
    public void close() {
        try {
            connection.close();
        } catch (SQLException e) {
            throw new IllegalStateException("the copy of a course cannot be closed", e);
        } finally {
            FileSystemUtils.deleteRecursively(folder.toFile());
        }
    }
}
