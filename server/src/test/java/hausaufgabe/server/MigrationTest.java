package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.java.JavaLanguage;
import hausaufgabe.server.exercise.Exercises;
import java.io.ByteArrayOutputStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.GZIPOutputStream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Records of the first version are taken over with all that is in them. */
class MigrationTest {

    private static final String UPLOAD =
            "{\"sources\":[{\"path\":\"Main.java\",\"text\":\"class Quay {}\"}],\"remarks\":[]}";

    @Test
    void recordsOfTheFirstVersionAreTakenOver() throws Exception {
        String url = "jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1";
        Flyway.configure().dataSource(url, "sa", "").target("1").load().migrate();
        try (Connection c = DriverManager.getConnection(url, "sa", "")) {
            fill(c);
        }

        ConfigurableApplicationContext context = SpringApplication.run(
                Application.class, "--spring.datasource.url=" + url, "--hausaufgabe.demo=none", "--server.port=0");

        try (context;
                Connection c = DriverManager.getConnection(url, "sa", "")) {
            assertEquals("1", one(c, "select count(*) from content"));
            assertEquals("2", one(c, "select count(*) from submission"));
            assertEquals("1", one(c, "select count(*) from check_run"));
            assertEquals(
                    "ACCEPTED", one(c, "select r.verdict from submission s join check_run r on r.id = s.current_run"));
            assertEquals("14.00", one(c, "select earned from check_run"));
            assertTrue(one(c, "select items from check_run").contains("requirement:held"));
            assertEquals("LEAD", one(c, "select duty from membership"));
            assertEquals("3", one(c, "select count(*) from manuscript_file"));
            assertEquals(
                    "1",
                    one(
                            c,
                            "select v.number from check_run r join exercise_version v on v.id = r.exercise_version"
                                    + " join exercise e on e.current_version = v.id"));
            Exercises.Version version = context.getBean(Exercises.class).opened(1);
            assertEquals("Berths", version.settings().title());
            assertEquals("strategy", version.patterns().id());
            assertTrue(version.dueAt().isPresent());
        }
    }

    private static void fill(Connection c) throws Exception {
        try (Statement s = c.createStatement()) {
            s.execute("insert into account (login, name, password_hash, role) values ('maike', 'Maike', 'x', 'LEAD')");
            s.execute("insert into course (title) values ('Tides')");
            s.execute("insert into student (course_id, number, name, group_name) values (1, '1', 'Fenja', 'A')");
        }
        try (PreparedStatement p = c.prepareStatement(
                "insert into exercise (course_id, number, title, brief, pattern_text, due_at) values (1, 1, 'Berths', '', ?, now())")) {
            p.setString(1, Catalogue.text("strategy").orElseThrow());
            p.execute();
        }
        String report = Json.mapper().writeValueAsString(report());
        for (int attempt = 1; attempt <= 2; attempt++) {
            try (PreparedStatement p = c.prepareStatement("insert into submission (exercise_id, student_id, attempt,"
                    + " uploaded_at, uploaded_by, sources, source_hash, state, report, checked_at, version)"
                    + " values (1, 1, ?, now(), 1, ?, 'abc', ?, ?, now(), 0)")) {
                p.setInt(1, attempt);
                p.setBytes(2, packed());
                p.setString(3, attempt == 1 ? "CHECKED" : "FAILED");
                p.setString(4, attempt == 1 ? report : null);
                p.execute();
            }
        }
    }

    private static byte[] packed() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
            out.write(UPLOAD.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        }
        return bytes.toByteArray();
    }

    private static CheckReport report() {
        return new Check(new JavaLanguage(), isolation -> null, List.of())
                .run(
                        new CheckRequest(
                                Catalogue.text("strategy").orElseThrow(),
                                List.of(new SourceFile("Main.java", Harbour.GOOD)),
                                List.of(),
                                Map.of(),
                                true,
                                CheckRequest.Isolation.SANDBOX),
                        step -> {});
    }

    private static String one(Connection c, String query) throws Exception {
        try (Statement s = c.createStatement();
                ResultSet r = s.executeQuery(query)) {
            r.next();
            return String.valueOf(r.getString(1));
        }
    }
}
