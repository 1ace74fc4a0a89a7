package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Student;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What is kept of a student: taken out for them, or removed while the figures stay. */
@ServerTest
class PersonalDataTest {

    /** Stands in what is written about the student, and nowhere else. */
    private final String mark = "Seeschwalbe" + UUID.randomUUID().toString().substring(0, 6);

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcTemplate records;

    private Harbour.Place place;
    private MockHttpSession lead;
    private String login;
    private String number;
    private long student;
    private long submission;

    @BeforeEach
    void markedWork() throws Exception {
        number = "n" + UUID.randomUUID().toString().substring(0, 8);
        login = "s" + UUID.randomUUID().toString().substring(0, 8);
        place = harbour.place(new Student(0, number, mark + " Bojer", "A"), new Student(0, "2", "Tjark Priel", "A"));
        lead = harbour.signedIn(http, "maike");
        student = place.students().stream()
                .filter(s -> s.number().equals(number))
                .findFirst()
                .orElseThrow()
                .id();
        Person made = accounts.create(login, mark + " Bojer", "nordhafen", Person.Role.STUDENT);
        records.update("update student set account_id = ? where id = ?", made.id(), student);
        harbour.signedIn(http, login);
        for (Student s : place.students()) {
            long handedIn = harbour.handedIn(http, lead, place, s);
            submission = s.id() == student ? handedIn : submission;
        }
        mark("/points?item=requirement:delegates", "{\"points\":1.25,\"reason\":\"" + mark + " knows.\"}");
        mark("/feedback", "{\"text\":\"Well, " + mark + ".\"}");
        mark("/settled", "{\"settled\":true,\"open\":true}");
    }

    private void mark(String what, String json) throws Exception {
        String version = JsonPath.read(
                http.perform(get("/api/submissions/" + submission).session(lead))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.review.version");
        send(put("/api/submissions/" + submission + what).header("If-Match", version), json, 200);
    }

    private void send(MockHttpServletRequestBuilder request, String json, int expected) throws Exception {
        http.perform(request.session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content(json))
                .andExpect(status().is(expected));
    }

    private String address() {
        return "/api/courses/" + place.course() + "/students/" + student;
    }

    private Object points() throws Exception {
        return JsonPath.read(
                http.perform(get("/api/courses/" + place.course() + "/grades")
                                .param("student", String.valueOf(student))
                                .session(lead))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.lines[0].cells[0].points");
    }

    /** Columns of text in all tables in which the mark stands. */
    private Map<String, Integer> places() {
        Map<String, Integer> found = new TreeMap<>();
        records.query(
                "select table_name, column_name from information_schema.columns where table_schema = 'PUBLIC'"
                        + " and data_type in ('CHARACTER VARYING', 'CHARACTER LARGE OBJECT')",
                r -> {
                    String table = r.getString(1);
                    String column = r.getString(2);
                    Integer n = records.queryForObject(
                            "select count(*) from \"" + table + "\" where \"" + column + "\" like ?",
                            Integer.class,
                            "%" + mark + "%");
                    if (n != null && n > 0) {
                        found.put(table + "." + column, n);
                    }
                });
        return found;
    }

    @Test
    void aStudentGetsAllThatIsKept() throws Exception {
        byte[] bytes = http.perform(get(address() + "/data.zip").session(lead))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        Map<String, String> files = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8)) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }

        assertEquals(login, JsonPath.read(files.get("account.json"), "$[0].login"));
        assertEquals(number, JsonPath.read(files.get("student.json"), "$.number"));
        assertEquals(1, JsonPath.<Integer>read(files.get("sign-ins.json"), "$.length()"));
        assertTrue(files.get("exercise-1/attempt-1/marks.json").contains("Well, " + mark), files.toString());
        assertTrue(files.containsKey("exercise-1/attempt-1/report.json"));
        assertTrue(files.get("exercise-1/attempt-1/sources/Main.java").contains("class"));
        http.perform(get(address() + "/data.zip").session(harbour.signedIn(http, "jonte")))
                .andExpect(status().isForbidden());
    }

    @Test
    void whatIsRemovedIsNowhereAndTheFiguresStay() throws Exception {
        Object before = points();
        assertFalse(places().isEmpty());
        send(post(address() + "/removal"), "{\"number\":\"another\"}", 422);
        send(post(address() + "/removal"), "{\"number\":\"" + number + "\"}", 204);

        assertEquals(Map.of(), places());
        assertEquals(
                0,
                records.queryForObject(
                        "select count(*) from check_run where submission_id = ? and report like '%Office%'",
                        Integer.class, submission));
        assertEquals(before, points());
        http.perform(get("/api/courses/" + place.course() + "/grades").session(lead))
                .andExpect(jsonPath("$.lines[?(@.student.id == " + student + ")].student.name")
                        .value("Removed"))
                .andExpect(jsonPath("$.lines[?(@.student.id == " + student + ")].cells[0].state")
                        .value("SETTLED"));
        http.perform(get("/api/submissions/" + submission).session(lead))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.sources.length()").value(0))
                .andExpect(jsonPath("$.report.findings[0].status").value("MET"))
                .andExpect(jsonPath("$.report.findings[0].text.pieces[0].text").value(containsString("Strategy")));
        assertEquals(401, signIn());
        // the same was handed in by somebody else, who keeps it
        assertEquals(
                1,
                records.queryForObject(
                        "select count(*) from submission s join content c on c.hash = s.source_hash"
                                + " where s.exercise_id = ? and s.student_id <> ? and length(c.bytes) > 0",
                        Integer.class,
                        place.exercise(),
                        student));
        http.perform(get("/api/courses/" + place.course() + "/history?what=REMOVAL")
                        .session(lead))
                .andExpect(jsonPath("$.lines[0].by").value("Maike Thiede"));
    }

    private int signIn() throws Exception {
        return http.perform(post("/api/session")
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"login\":\"" + login + "\",\"password\":\"nordhafen\"}"))
                .andReturn()
                .getResponse()
                .getStatus();
    }
}
