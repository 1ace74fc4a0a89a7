package hausaufgabe.journeys;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Driver;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The server is killed in the middle of its checks, again and again: nothing is lost, and nothing is done twice. */
class KilledServerTest {

    private static final Path LIBRARIES = Path.of("../server/target/application/lib");
    /** A few, since it is a test of every day; {@code -Dhausaufgabe.kills=10 -Dhausaufgabe.attempts=300} takes longer. */
    private static final int ATTEMPTS = Integer.getInteger("hausaufgabe.attempts", 30);

    private static final int KILLS = Integer.getInteger("hausaufgabe.kills", 3);
    private static final Duration PATIENCE = Duration.ofMinutes(3).plusSeconds(ATTEMPTS);

    private record Records(long submissions, long unfinished, long jobs, long twice, long without) {}

    @Test
    void everythingIsCheckedOnceThoughTheServerIsKilledInTheMiddle() throws Exception {
        try (RunningApplication application = RunningApplication.demo(ATTEMPTS)) {
            // the first kill comes while the records are being made, which is begun anew
            application.killAndStartAgain();
            application.awaitGreeting();
            for (int i = 0; i < KILLS; i++) {
                // in the middle of some checks, wherever they are by then
                Thread.sleep(900 + 700L * i);
                application.killAndStartAgain();
            }
            Instant end = Instant.now().plus(PATIENCE);
            while (!application.lastWords().contains("all checks are done")
                    && Instant.now().isBefore(end)) {
                Thread.sleep(500);
            }
            Path records = application.stopForRecords();

            Records r = records(records.resolve("records"));
            assertTrue(r.submissions() >= ATTEMPTS, "only " + r.submissions() + " submissions");
            assertEquals(new Records(r.submissions(), 0, 0, 0, 0), r);
        }
    }

    private static Records records(Path file) throws Exception {
        List<URL> jars = new ArrayList<>();
        try (Stream<Path> all = Files.list(LIBRARIES)) {
            for (Path p : all.filter(p -> p.getFileName().toString().startsWith("h2-"))
                    .toList()) {
                jars.add(p.toUri().toURL());
            }
        }
        try (URLClassLoader h2 = new URLClassLoader(jars.toArray(URL[]::new))) {
            Driver driver =
                    (Driver) h2.loadClass("org.h2.Driver").getConstructor().newInstance();
            Properties who = new Properties();
            who.put("user", "sa");
            who.put("password", "");
            try (Connection c = driver.connect("jdbc:h2:file:" + file.toAbsolutePath() + ";IFEXISTS=TRUE", who)) {
                return new Records(
                        count(c, "select count(*) from submission"),
                        count(c, "select count(*) from submission where state in ('QUEUED', 'RUNNING', 'FAILED')"),
                        count(c, "select count(*) from job"),
                        count(
                                c,
                                "select count(*) from (select submission_id from check_run group by submission_id"
                                        + " having count(*) > 1)"),
                        count(c, "select count(*) from submission where current_run is null"));
            }
        }
    }

    private static long count(Connection c, String query) throws Exception {
        try (Statement s = c.createStatement();
                ResultSet r = s.executeQuery(query)) {
            r.next();
            return r.getLong(1);
        }
    }
}
