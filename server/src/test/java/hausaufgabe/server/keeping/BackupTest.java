package hausaufgabe.server.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.server.Application;
import hausaufgabe.server.ServerMain;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Copies of the records on the disk, with a server that runs and without one. */
class BackupTest {

    @TempDir
    private Path folder;

    private Path data;
    private Path copy;
    private String said;

    @BeforeEach
    void places() {
        data = folder.resolve("data");
        copy = folder.resolve("copy.zip");
    }

    private ConfigurableApplicationContext server() throws IOException {
        Files.createDirectories(data);
        return SpringApplication.run(
                Application.class,
                "--hausaufgabe.data=" + data.toAbsolutePath(),
                "--hausaufgabe.demo=none",
                "--hausaufgabe.checkers=0",
                "--server.port=0");
    }

    /** In a process of its own, as one is started: in the server's process the records would be open already. */
    private int run(String... command) throws IOException, InterruptedException {
        List<String> line = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                ServerMain.class.getName()));
        line.addAll(List.of(command));
        line.addAll(List.of("--data", data.toString()));
        Process p = new ProcessBuilder(line).redirectErrorStream(true).start();
        p.getOutputStream().close();
        said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return p.waitFor();
    }

    private static void course(ConfigurableApplicationContext server, String title) {
        server.getBean(Courses.class).create(title, List.of(new Student(0, "1", "Fenja Kogge", "A")));
    }

    private List<String> titles() throws SQLException {
        try (Connection c = RecordsCopy.open(data);
                var s = c.createStatement();
                var r = s.executeQuery("select title from course order by id")) {
            List<String> all = new ArrayList<>();
            while (r.next()) {
                all.add(r.getString(1));
            }
            return all;
        }
    }

    @Test
    void aCopyIsMadeWhileTheServerRunsAndPutBackOnceItIsStopped() throws Exception {
        try (ConfigurableApplicationContext server = server()) {
            course(server, "Before");
            assertEquals(0, run("backup", copy.toString()), said);
            assertTrue(said.contains("1 courses, 1 students"), said);
            course(server, "After");

            assertEquals(1, run("restore", copy.toString(), "--over"));
            assertTrue(said.contains("Stop it first"), said);
        }
        assertEquals(1, run("restore", copy.toString()), "nobody is there to say yes");
        assertEquals(List.of("Before", "After"), titles());

        assertEquals(0, run("restore", copy.toString(), "--over"), said);
        assertEquals(List.of("Before"), titles());
        try (Stream<Path> all = Files.list(data)) {
            List<String> names = all.map(p -> p.getFileName().toString()).toList();
            assertTrue(names.stream().anyMatch(n -> n.startsWith("before-")), names.toString());
            assertFalse(
                    names.stream().anyMatch(n -> n.startsWith("restoring-") || n.startsWith("copy-")),
                    names.toString());
        }
    }

    @Test
    void aCopyIsMadeAndPutElsewhereWithoutAServer() throws Exception {
        try (ConfigurableApplicationContext server = server()) {
            course(server, "Moved");
            Files.createDirectories(data.resolve("git/1/5.git/refs/heads"));
            Files.writeString(data.resolve("git/1/5.git/refs/heads/main"), "c0ffee");
        }
        assertEquals(0, run("backup", copy.toString()), said);
        assertEquals(1, run("backup", copy.toString()));
        assertTrue(said.contains("is there already"), said);

        data = folder.resolve("another machine");
        assertEquals(0, run("restore", copy.toString()), said);
        assertEquals(List.of("Moved"), titles());
        assertEquals("c0ffee", Files.readString(data.resolve("git/1/5.git/refs/heads/main")));
    }

    @Test
    void aCopyOfALaterVersionIsRefused() throws Exception {
        try (ConfigurableApplicationContext server = server()) {
            server.getBean(JdbcTemplate.class)
                    .update("update \"flyway_schema_history\" set \"version\" = '900' where \"version\" = '12'");
        }
        assertEquals(0, run("backup", copy.toString()), said);
        data = folder.resolve("older program");

        assertEquals(1, run("restore", copy.toString()));
        assertTrue(said.contains("records of version 900"), said);
        assertFalse(Files.exists(data));
    }

    @Test
    void whatIsNoCopyChangesNothing() throws Exception {
        assertEquals(1, run("restore", copy.toString()));
        assertTrue(said.contains("There is no file"), said);
        Files.writeString(copy, "not a zip");
        assertEquals(1, run("restore", copy.toString()));
        assertTrue(said.contains("Nothing was changed"), said);
        assertFalse(Files.exists(data));
        assertEquals(1, run("backup", folder.resolve("other.zip").toString()));
        assertTrue(said.contains("There are no records"), said);
    }
}
