package hausaufgabe.server.review;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.server.Application;
import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerMain;
import hausaufgabe.server.course.Student;
import java.io.BufferedReader;
import java.io.File;
import java.io.InputStreamReader;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** The server is killed while it gives work back: either nobody has theirs, or everybody; and once it runs again, everybody, once. */
class KilledWhileGivingBackTest {

    private static final int STUDENTS = 900;
    private static final int KILLS = 3;

    @TempDir
    private Path data;

    /** Settled work of a whole course, which is to be given back now. */
    @BeforeEach
    void ordered() {
        try (ConfigurableApplicationContext server =
                SpringApplication.run(new Class<?>[] {Application.class, Harbour.class}, new String[] {
                    "--hausaufgabe.data=" + data,
                    "--hausaufgabe.demo=none",
                    "--hausaufgabe.checkers=0",
                    "--server.port=0"
                })) {
            Harbour.Place place = server.getBean(Harbour.class)
                    .place(IntStream.range(0, STUDENTS)
                            .mapToObj(i -> new Student(0, "n" + i, "Student " + i, "A"))
                            .toArray(Student[]::new));
            JdbcTemplate records = server.getBean(JdbcTemplate.class);
            records.update("insert into content (hash, bytes, stored_at) values ('removed', X'', now())");
            records.update(
                    "insert into submission (exercise_id, student_id, attempt, uploaded_at, uploaded_by, source_hash, state,"
                            + " version) select ?, s.id, 1, now(), 1, 'removed', 'CHECKED', 0 from student s"
                            + " where s.course_id = ?",
                    place.exercise(),
                    place.course());
            records.update("insert into review (submission_id, feedback, settled_by, settled_at, version)"
                    + " select u.id, '', 1, now(), 0 from submission u");
            records.update(
                    "insert into hand_back (exercise_id, groups, at, ordered_by, ordered_at, version)"
                            + " values (?, '', now(), 1, now(), 0)",
                    place.exercise());
        }
    }

    private Process started() throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Process p = new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        // as it is installed, without what tests add to it
                        System.getProperty("java.class.path")
                                .replaceFirst("[^" + File.pathSeparator + "]*test-classes", ""),
                        ServerMain.class.getName(),
                        "serve",
                        "--data",
                        data.toString(),
                        "--checkers",
                        "0",
                        "--port",
                        String.valueOf(port)))
                .redirectErrorStream(true)
                .start();
        BufferedReader said = new BufferedReader(new InputStreamReader(p.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder all = new StringBuilder();
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            all.append(line).append('\n');
            if (line.contains("http://")) {
                return p;
            }
        }
        throw new IllegalStateException("the server did not start: " + all);
    }

    /** How many have theirs back, how many changes say so, whether it is done, and how often that is said. */
    private record Given(int returned, int told, int done, int said) {}

    private Given given() throws Exception {
        try (Connection c = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("records"), "sa", "");
                Statement s = c.createStatement();
                ResultSet r = s.executeQuery("select (select count(*) from review where returned_at is not null),"
                        + " (select count(*) from grade_change where what = 'RETURNED'),"
                        + " (select count(*) from hand_back where done_at is not null),"
                        + " (select count(*) from course_change where what = 'HAND_BACK')")) {
            r.next();
            return new Given(r.getInt(1), r.getInt(2), r.getInt(3), r.getInt(4));
        }
    }

    @Test
    void everybodyGetsTheirsOnceOrNobody() throws Exception {
        Given nobody = new Given(0, 0, 0, 0);
        Given everybody = new Given(STUDENTS, STUDENTS, 1, 1);
        for (int i = 0; i < KILLS; i++) {
            Process server = started();
            Thread.sleep(120L * i);
            server.destroyForcibly().waitFor();
            Given now = given();
            assertTrue(now.equals(nobody) || now.equals(everybody), now.toString());
        }
        // nothing tells that it is done but the records, which the server has while it runs: it is looked again and
        // again
        for (int i = 1; i <= 5 && !given().equals(everybody); i++) {
            Process server = started();
            Thread.sleep(4_000L * i);
            server.destroyForcibly().waitFor();
        }
        assertEquals(everybody, given());
    }
}
