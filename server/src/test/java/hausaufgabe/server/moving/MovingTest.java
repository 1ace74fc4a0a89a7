package hausaufgabe.server.moving;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerTest;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Student;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A course with work in it leaves an installation and comes into one where other numbers are taken. */
@ServerTest
class MovingTest {

    private static final String SCHEME = "records/course_scheme.jsonl";

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcTemplate records;

    @Autowired
    private DataSource source;

    private Harbour.Place place;
    private MockHttpSession lead;
    private String login;

    @BeforeEach
    void markedCourse() throws Exception {
        place = harbour.place(
                new Student(0, "1", "Fenja Kogge", "A", "fenja@quay.example", false),
                new Student(0, "2", "Tjark", "B"));
        lead = harbour.signedIn(http, "maike");
        MockHttpSession tutor = harbour.signedIn(http, "jonte");
        Student fenja = place.students().get(0);
        login = "s" + UUID.randomUUID().toString().substring(0, 8);
        Person made = accounts.create(login, "Fenja Kogge", "nordhafen", Person.Role.STUDENT);
        records.update("update student set account_id = ? where id = ?", made.id(), fenja.id());
        long submission = harbour.handedIn(http, lead, place, fenja);
        harbour.handedIn(http, lead, place, place.students().get(1));
        String version = JsonPath.read(body(get("/api/submissions/" + submission), lead), "$.review.version");
        send(
                put("/api/submissions/" + submission + "/points?item=requirement:delegates")
                        .header("If-Match", version),
                "{\"points\":1.25,\"reason\":\"half\"}",
                tutor);
        version = JsonPath.read(body(get("/api/submissions/" + submission), lead), "$.review.version");
        send(
                put("/api/submissions/" + submission + "/feedback").header("If-Match", version),
                "{\"text\":\"Well.\"}",
                lead);
        send(
                put("/api/courses/" + place.course() + "/scheme").header("If-Match", "none"),
                "{\"places\":1,\"rounding\":\"NEAREST\",\"steps\":[],\"parts\":[{\"title\":\"All\",\"weight\":1,"
                        + "\"exercises\":[" + place.exercise() + "]}]}",
                lead);
        records.update(
                "insert into hand_back (exercise_id, groups, at, ordered_by, ordered_at, version)"
                        + " values (?, '', timestamp with time zone '2090-01-01 00:00:00+00:00', ?, now(), 0)",
                place.exercise(),
                harbour.lead.id());
    }

    private String body(MockHttpServletRequestBuilder request, MockHttpSession session) throws Exception {
        return http.perform(request.session(session))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private void send(MockHttpServletRequestBuilder request, String json, MockHttpSession session) throws Exception {
        http.perform(request.session(session)
                        .with(csrf())
                        .contentType("application/json")
                        .content(json))
                .andExpect(status().isOk());
    }

    private byte[] out() throws Exception {
        return http.perform(
                        get("/api/courses/" + place.course() + "/archive.zip").session(lead))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private ResultActions arrive(byte[] zip, String what, String... parameters) throws Exception {
        var request = multipart("/api/courses/arriving" + what)
                .file(new MockMultipartFile("archive", "course.zip", "application/zip", zip));
        for (int i = 0; i < parameters.length; i += 2) {
            request.param(parameters[i], parameters[i + 1]);
        }
        return http.perform(request.session(lead).with(csrf()));
    }

    private static String text(ResultActions done) throws Exception {
        return done.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    /** How many rows each table has. */
    private Map<String, Long> counts() throws Exception {
        Map<String, Long> counts = new TreeMap<>();
        try (Connection c = source.getConnection()) {
            for (String t : TableShape.all(c)) {
                counts.put(t, records.queryForObject("select count(*) from " + TableShape.quoted(t), Long.class));
            }
        }
        return counts;
    }

    private static byte[] changed(byte[] zip, UnaryOperator<Map<String, byte[]>> change) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip), StandardCharsets.UTF_8)) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), in.readAllBytes());
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, byte[]> e : change.apply(files).entrySet()) {
                out.putNextEntry(new ZipEntry(e.getKey()));
                out.write(e.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private static byte[] replaced(byte[] zip, String file, String before, String after) throws IOException {
        return changed(zip, files -> {
            String text = new String(files.get(file), StandardCharsets.UTF_8);
            assertTrue(text.contains(before), file + " has " + text);
            files.put(file, text.replace(before, after).getBytes(StandardCharsets.UTF_8));
            return files;
        });
    }

    @Test
    void everyTableIsTakenAlongOrLeftForAReason() throws Exception {
        Set<String> said = new TreeSet<>(CourseRecords.LEFT.keySet());
        CourseRecords.TAKEN.forEach(s -> said.add(s.table()));
        said.add(CourseRecords.PEOPLE);
        try (Connection c = source.getConnection()) {
            assertEquals(TableShape.all(c), said);
        }
    }

    @Test
    void aCourseComesInWithAllThatIsInIt() throws Exception {
        byte[] zip = out();
        String plan = text(arrive(zip, "/plan").andExpect(status().isOk()));
        assertEquals(List.of(true, true, true), JsonPath.read(plan, "$.people[*].known"));
        plan = text(arrive(zip, "/plan", "others", "jonte").andExpect(status().isOk()));
        assertEquals(List.of("jonte-2"), JsonPath.read(plan, "$.people[?(@.login == 'jonte')].signIn"));
        Map<String, Long> before = counts();

        String arrived = text(arrive(zip, "", "others", "jonte", "fingerprint", JsonPath.read(plan, "$.fingerprint"))
                .andExpect(status().isCreated()));

        int course = JsonPath.read(arrived, "$.id");
        Map<String, Long> after = counts();
        assertEquals(before.get("submission") + 2, after.get("submission"));
        assertEquals(before.get("content"), after.get("content"));
        assertEquals(before.get("account") + 1, after.get("account"));
        String here = body(get("/api/courses/" + course + "/grades"), lead);
        String there = body(get("/api/courses/" + place.course() + "/grades"), lead);
        for (String same : List.of(
                "$.lines[*].cells[*].points",
                "$.lines[*].cells[*].state",
                "$.lines[*].student.name",
                "$.lines[*].percent")) {
            assertEquals(JsonPath.<List<Object>>read(there, same), JsonPath.read(here, same), same);
        }
        String scheme = body(get("/api/courses/" + course + "/scheme"), lead);
        int exercise = records.queryForObject("select id from exercise where course_id = ?", Integer.class, course);
        assertEquals(List.of(exercise), JsonPath.read(scheme, "$.scheme.parts[0].exercises"));
        long submission =
                records.queryForObject("select min(id) from submission where exercise_id = ?", Long.class, exercise);
        http.perform(get("/api/submissions/" + submission).session(lead))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.review.feedback").value("Well."));
        http.perform(get("/api/submissions/" + submission + "/source?path=Main.java")
                        .session(lead))
                .andExpect(jsonPath("$.text").value(containsString("class Office")));
        assertEquals(
                "jonte-2",
                records.queryForObject(
                        "select a.login from point_decision d join account a on a.id = d.decided_by"
                                + " where d.submission_id = ?",
                        String.class,
                        submission));
        assertEquals(
                1,
                records.queryForObject(
                        "select count(*) from hand_back where exercise_id = ? and called_off_at is not null",
                        Integer.class,
                        exercise));
        // as a student she has both, and sees her own work in each
        MockHttpSession fenja = harbour.signedIn(http, login);
        String mine = body(get("/api/mine"), fenja);
        assertTrue(mine.contains("\"id\":" + exercise), mine);
    }

    @Test
    void nobodyIsLetInByACourse() throws Exception {
        byte[] zip = replaced(out(), CourseArchive.PEOPLE, "\"login\":\"jonte\"", "\"login\":\"pilot\"");
        String plan = text(arrive(zip, "/plan").andExpect(status().isOk()));
        arrive(zip, "", "fingerprint", JsonPath.read(plan, "$.fingerprint")).andExpect(status().isCreated());
        assertEquals(
                "TUTOR,0",
                records.queryForObject(
                        "select role || ',' || count(password_hash) from account where login = 'pilot' group by role",
                        String.class));
    }

    @Test
    void whatIsNoWholeCourseLeavesNothingBehind() throws Exception {
        byte[] zip = out();
        Map<String, Long> before = counts();
        long staged = leftovers();
        String submission = "records/submission.jsonl";
        refused("no zip".getBytes(StandardCharsets.UTF_8), "no zip, or a damaged one");
        refused(changed(zip, files -> Map.of("notes.txt", new byte[3])), "There is no course.json in it");
        refused(
                changed(zip, files -> {
                    files.remove(submission);
                    return files;
                }),
                "There is no " + submission);
        refused(replaced(zip, "course.json", "\"records\" : ", "\"records\" : 9"), "by a later version of Hausaufgabe");
        refused(replaced(zip, submission, "\"attempt\":1", "\"attempt\":\"one\""), "Line 1 of " + submission);
        refused(replaced(zip, submission, "{", "["), "Line 1 of " + submission);
        refused(replaced(zip, "people.jsonl", "{", "null"), "Line 1 of people.jsonl");
        refused(replaced(zip, "course.json", "\"rows\"", "\"lines\""), "no course that was taken out of Hausaufgabe");
        refused(replaced(zip, submission, "\"student_id\":", "\"student_id\":77"), "which is not in the archive");
        String hash = records.queryForObject(
                "select max(source_hash) from submission where exercise_id = ?", String.class, place.exercise());
        refused(
                replaced(
                        replaced(zip, "records/content.jsonl", hash, "0".repeat(64)), submission, hash, "0".repeat(64)),
                "is not what it says it is");
        refused(replaced(zip, SCHEME, "\"scheme\":\"{", "\"scheme\":\"}"), "scheme of its grades");
        arrive(zip, "", "fingerprint", "another").andExpect(status().isPreconditionFailed());
        assertEquals(before, counts());
        assertEquals(staged, leftovers());
    }

    private void refused(byte[] zip, String why) throws Exception {
        String fingerprint = java.util.HexFormat.of()
                .formatHex(java.security.MessageDigest.getInstance("SHA-256").digest(zip));
        arrive(zip, "", "fingerprint", fingerprint)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString(why)))
                .andExpect(jsonPath("$.detail").value(containsString("othing was stored")));
    }

    private static long leftovers() throws IOException {
        try (Stream<Path> all = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
            return all.filter(p -> p.getFileName().toString().startsWith("hausaufgabe-course"))
                    .count();
        }
    }

    @Test
    void onlyTheLeadTakesACourseOutAndOnlyWhoMakesCoursesBringsOneIn() throws Exception {
        MockHttpSession tutor = harbour.signedIn(http, "jonte");
        http.perform(get("/api/courses/" + place.course() + "/archive.zip").session(tutor))
                .andExpect(status().isForbidden());
        lead = tutor;
        arrive(new byte[3], "/plan").andExpect(status().isForbidden());
    }
}
