package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.Lateness;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.review.HandBacks;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder;

/** A student's own pages: from the link that is handed out to the receipt, and nothing of anybody else's. */
@ServerTest
class StudyTest {

    private static final String PASSWORD = "a quiet harbour";
    private static final Lateness CLOSED =
            new Lateness(0, BigDecimal.ZERO, BigDecimal.ZERO, LocalDateTime.parse("2020-01-02T20:00"));

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private HandBacks handBacks;

    @Autowired
    private JdbcTemplate records;

    private String number;
    private Harbour.Place place;
    private MockHttpSession lead;
    private MockHttpSession fenja;

    @BeforeEach
    void open() throws Exception {
        number = UUID.randomUUID().toString().substring(0, 8) + "-";
        place = harbour.place(
                new Student(0, number + "1", "Fenja Kogge", "A"), new Student(0, number + "3", "Wiebke Sandvik", "A"));
        lead = harbour.signedIn(http, "maike");
        fenja = invited("1");
    }

    /** Somebody of the roster who has chosen a password by the link that was made for them. */
    private MockHttpSession invited(String end) throws Exception {
        long id = student(end);
        String links = http.perform(post("/api/courses/" + place.course() + "/roster/links")
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"students\":[" + id + "]}"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        String token = JsonPath.read(links, "$[0].token");
        String login = JsonPath.read(links, "$[0].login");
        http.perform(post("/api/links/password")
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"token\":\"" + token + "\",\"password\":\"" + PASSWORD + "\"}"))
                .andExpect(status().isNoContent());
        return harbour.signedIn(http, login, PASSWORD);
    }

    private long student(String end) {
        return place.students().stream()
                .filter(s -> s.number().equals(number + end))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private String exercise() {
        return "/api/exercises/" + place.exercise() + "/mine";
    }

    private ResultActions send(String address, MockHttpSession as, String path, String text, String... fields)
            throws Exception {
        MockMultipartHttpServletRequestBuilder request = multipart(address)
                .file(new MockMultipartFile("files", path, "text/plain", text.getBytes(StandardCharsets.UTF_8)));
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return http.perform(request.session(as).with(csrf()));
    }

    private long handedIn(MockHttpSession as, String text) throws Exception {
        String made = send(exercise(), as, "Main.java", text)
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return ((Number) JsonPath.read(made, "$.id")).longValue();
    }

    @Test
    void aStudentSeesWhatIsOpenAndWhatIsToBeDone() throws Exception {
        http.perform(get("/api/mine").session(fenja))
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].title").value("What a berth costs"))
                .andExpect(jsonPath("$[0].terms.open").value(true))
                .andExpect(jsonPath("$[0].attempts").value(0));
        http.perform(get(exercise()).session(fenja))
                .andExpect(jsonPath("$.patterns[0].roles[*].name", hasItem("Context")))
                // what is asked is the course's to tell
                .andExpect(jsonPath("$.patterns[0].requirements", hasSize(0)))
                .andExpect(jsonPath("$.attempts", hasSize(0)));
    }

    @Test
    void aPreviewSaysWhatWasReadAndStoresNothing() throws Exception {
        send(exercise() + "/preview", fenja, "Main.java", Harbour.GOOD)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.types.types[*].name", hasItem("Office")))
                .andExpect(jsonPath("$.files[0].path").value("Main.java"));
        send(exercise() + "/preview", fenja, "notes.txt", "no code").andExpect(status().isUnprocessableEntity());
        http.perform(get(exercise()).session(fenja)).andExpect(jsonPath("$.attempts", hasSize(0)));
    }

    @Test
    void whatIsHandedInHasAReceiptAndTheSameTwiceIsOneAttempt() throws Exception {
        String preview = send(exercise() + "/preview", fenja, "Main.java", Harbour.GOOD)
                .andReturn()
                .getResponse()
                .getContentAsString();
        String hash = JsonPath.read(preview, "$.hash");

        send(exercise(), fenja, "Main.java", Harbour.GOOD + " ", "hash", hash)
                .andExpect(status().isPreconditionFailed());
        send(exercise(), fenja, "Main.java", Harbour.GOOD, "hash", hash)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.attempt").value(1))
                .andExpect(jsonPath("$.hash").value(hash))
                .andExpect(jsonPath("$.late").value(false))
                .andExpect(jsonPath("$.counts").value(true));
        send(exercise(), fenja, "Main.java", Harbour.GOOD, "hash", hash)
                .andExpect(jsonPath("$.attempt").value(1));
        http.perform(get(exercise()).session(fenja)).andExpect(jsonPath("$.attempts", hasSize(1)));
    }

    @Test
    void findingsAreShownOnlyAsFarAsTheExerciseSays() throws Exception {
        long id = handedIn(fenja, Harbour.GOOD);

        http.perform(get("/api/submissions/" + id + "/mine").session(fenja))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.shows").value("NOTHING"))
                .andExpect(jsonPath("$.findings").doesNotExist());

        harbour.change(
                place,
                Harbour.settings(
                        "2030-01-01T20:00",
                        Lateness.NONE,
                        ExerciseSettings.Attempts.ANY,
                        ExerciseSettings.Shown.FINDINGS));
        http.perform(get("/api/submissions/" + id + "/mine").session(fenja))
                .andExpect(jsonPath("$.findings.findings[0].status").exists())
                .andExpect(jsonPath("$.findings.findings[?(@.possible > 0)]", hasSize(0)))
                .andExpect(jsonPath("$.findings.scenarios", hasSize(0)));
        http.perform(get("/api/submissions/" + id + "/mine/source?path=Main.java")
                        .session(fenja))
                .andExpect(jsonPath("$.text", containsString("class Office")));
    }

    @Test
    void nobodySeesOrHandsInWhatIsSomebodyElses() throws Exception {
        long id = handedIn(fenja, Harbour.GOOD);
        MockHttpSession wiebke = invited("3");

        http.perform(get("/api/submissions/" + id + "/mine").session(wiebke)).andExpect(status().isNotFound());
        http.perform(get("/api/submissions/" + id + "/mine/source?path=Main.java")
                        .session(wiebke))
                .andExpect(status().isNotFound());
        for (String staffs : List.of(
                "/api/exercises/" + place.exercise(),
                "/api/exercises/" + place.exercise() + "/grades",
                "/api/exercises/" + place.exercise() + "/manuscript",
                "/api/submissions/" + id,
                "/api/submissions/" + id + "/source?path=Main.java",
                "/api/courses",
                "/api/courses/" + place.course(),
                "/api/courses/" + place.course() + "/students",
                "/api/accounts",
                "/api/patterns")) {
            http.perform(get(staffs).session(fenja)).andExpect(status().isForbidden());
        }
        send(
                        "/api/exercises/" + place.exercise() + "/submissions",
                        fenja,
                        "Main.java",
                        Harbour.GOOD,
                        "student",
                        String.valueOf(student("3")))
                .andExpect(status().isForbidden());
    }

    @Test
    void whoLeftTheCourseSeesNothingOfItAnyMore() throws Exception {
        long id = handedIn(fenja, Harbour.GOOD);
        http.perform(put("/api/courses/" + place.course() + "/students/" + student("1") + "/left")
                .session(lead)
                .with(csrf())
                .contentType("application/json")
                .content("{\"left\":true}"));

        http.perform(get("/api/mine").session(fenja)).andExpect(jsonPath("$", hasSize(0)));
        http.perform(get(exercise()).session(fenja)).andExpect(status().isForbidden());
        // what was handed in stays with the staff
        http.perform(get("/api/submissions/" + id).session(lead)).andExpect(status().isOk());
    }

    @Test
    void anExtensionMovesTheDeadlineOfOneAndIsSaidWhy() throws Exception {
        harbour.change(
                place,
                Harbour.settings(
                        "2020-01-01T20:00", CLOSED, ExerciseSettings.Attempts.ANY, ExerciseSettings.Shown.NOTHING));
        send(exercise() + "/preview", fenja, "Main.java", Harbour.GOOD)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("closed on")));
        String extension = "/api/exercises/" + place.exercise() + "/extensions/" + student("1");

        http.perform(put(extension)
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"dueAt\":\"2090-01-01T00:00:00Z\"}"))
                .andExpect(jsonPath("$.detail", containsString("Say why")));
        http.perform(put(extension)
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"dueAt\":\"2090-01-01T00:00:00Z\",\"reason\":\"Was at sea.\"}"))
                .andExpect(jsonPath("$[0].reason").value("Was at sea."));
        http.perform(put(extension)
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"dueAt\":\"2091-01-01T00:00:00Z\",\"reason\":\"Not seen.\"}"))
                .andExpect(status().isPreconditionFailed());

        http.perform(get(exercise()).session(fenja))
                .andExpect(jsonPath("$.terms.extended").value(true))
                .andExpect(jsonPath("$.terms.open").value(true));
        send(exercise(), fenja, "Main.java", Harbour.GOOD)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.late").value(false));
    }

    @Test
    void signingOutEverywhereEndsTheOtherSessions() throws Exception {
        MockHttpSession elsewhere = harbour.signedIn(http, number + "1", PASSWORD);

        http.perform(delete("/api/session/everywhere").session(fenja).with(csrf()))
                .andExpect(status().isNoContent());

        http.perform(get("/api/mine").session(elsewhere)).andExpect(status().isUnauthorized());
    }

    @Test
    void staffWithTheSameSignInAreNotTakenForAStudent() throws Exception {
        long course = place.course();
        String made = http.perform(post("/api/courses/" + course + "/students")
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"number\":\"maike\",\"name\":\"Somebody Else\",\"group\":\"A\"}"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        Number id = JsonPath.read(made, "$.student.id");

        String links = http.perform(post("/api/courses/" + course + "/roster/links")
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"students\":[" + id + "]}"))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertEquals("Somebody of the staff has the sign-in maike.", JsonPath.read(links, "$[0].problem"));
    }

    @Test
    void whatWasMadeOfItIsSeenOnceItIsReturned() throws Exception {
        long attempt = handedIn(fenja, Harbour.GOOD);
        String page = "/api/submissions/" + attempt;
        mark(attempt, put(page + "/feedback"), "{\"text\":\"Well **done**.\"}");
        mark(
                attempt,
                put(page + "/points").param("item", "requirement:delegates"),
                "{\"points\":2,\"reason\":\"Among us: generous.\"}");
        mark(attempt, post(page + "/remarks"), "{\"item\":\"requirement:delegates\",\"text\":\"Look here.\"}");

        order("", "{}").andExpect(status().isConflict());
        http.perform(get(returned()).session(lead))
                .andExpect(jsonPath("$.ready").value(0))
                .andExpect(jsonPath("$.notReady[0].name").value("Fenja Kogge"));
        http.perform(get(page + "/mine").session(fenja))
                .andExpect(jsonPath("$.returned").doesNotExist());

        mark(attempt, put(page + "/settled"), "{\"settled\":true,\"open\":true}");
        http.perform(get(page + "/mine").session(fenja))
                .andExpect(jsonPath("$.returned").doesNotExist());
        order("", "{}")
                .andExpect(jsonPath("$.returned").value(1))
                .andExpect(jsonPath("$.orders[0].givenBack").value(1));

        String seen = http.perform(get(page + "/mine").session(fenja))
                .andExpect(jsonPath("$.returned.feedback").value("Well **done**."))
                .andExpect(jsonPath("$.returned.remarks[0].text").value("Look here."))
                .andExpect(jsonPath("$.returned.items['requirement:delegates'].points")
                        .value(2))
                .andExpect(jsonPath("$.findings.findings", hasSize(8)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertEquals(-1, seen.indexOf("Among us"), "what tutors say to each other stays with them");

        order("/withdrawn", "{}").andExpect(status().isUnprocessableEntity());
        order("/withdrawn", "{\"reason\":\"The wrong list.\"}")
                .andExpect(jsonPath("$.returned").value(0));
        http.perform(get(page + "/mine").session(fenja))
                .andExpect(jsonPath("$.returned").doesNotExist());
        order("/withdrawn", "{\"reason\":\"Again.\"}").andExpect(status().isConflict());
    }

    private ResultActions order(String end, String json) throws Exception {
        return http.perform(post(returned() + end)
                .session(lead)
                .with(csrf())
                .contentType("application/json")
                .content(json));
    }

    private long settled() throws Exception {
        long attempt = handedIn(fenja, Harbour.GOOD);
        mark(attempt, put("/api/submissions/" + attempt + "/settled"), "{\"settled\":true,\"open\":true}");
        return attempt;
    }

    @Test
    void workIsGivenBackWhenItsTimeHasComeAndOnlyToTheGroupsItIsFor() throws Exception {
        long attempt = settled();
        order("", "{\"at\":\"2031-01-01T10:00:00Z\"}")
                .andExpect(jsonPath("$.ready").value(1))
                .andExpect(jsonPath("$.orders[0].doneAt").doesNotExist());
        String called = http.perform(get(returned()).session(lead))
                .andReturn()
                .getResponse()
                .getContentAsString();
        int waiting = JsonPath.read(called, "$.orders[0].id");
        http.perform(delete(returned() + "/" + waiting).session(lead).with(csrf()))
                .andExpect(jsonPath("$.orders[0].calledOff").value(true));
        http.perform(delete(returned() + "/" + waiting).session(lead).with(csrf()))
                .andExpect(status().isConflict());

        order("", "{\"groups\":[\"B\"]}").andExpect(status().isConflict());
        // those without a group are not all
        order("", "{\"groups\":[\"\"]}").andExpect(status().isConflict());
        records.update(
                "insert into hand_back (exercise_id, groups, at, ordered_by, ordered_at, version)"
                        + " values (?, 'A', dateadd(second, -1, now()), (select id from account where login = 'maike'), now(), 0)",
                place.exercise());
        handBacks.performDue();
        handBacks.performDue();

        http.perform(get(returned()).session(lead))
                .andExpect(jsonPath("$.returned").value(1))
                .andExpect(jsonPath("$.orders[0].givenBack").value(1));
        http.perform(get("/api/submissions/" + attempt + "/mine").session(fenja))
                .andExpect(jsonPath("$.returned.at").exists());
    }

    @Test
    void aStudentAsksAboutPointsUntilADateAndIsAnsweredInTheSamePlace() throws Exception {
        long attempt = settled();
        String page = "/api/submissions/" + attempt;
        order("", "{\"questionsUntil\":\"2020-01-01T10:00:00Z\"}").andExpect(status().isUnprocessableEntity());
        ask(page, "requirement:delegates").andExpect(status().isConflict());
        order("", "{\"questionsUntil\":\"2031-01-01T10:00:00Z\"}").andExpect(status().isOk());
        ask(page, "requirement:nothing").andExpect(status().isNotFound());
        String asked = ask(page, "requirement:delegates")
                .andExpect(jsonPath("$.until").value("2031-01-01T10:00:00Z"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        int question = JsonPath.read(asked, "$.questions[0].id");

        http.perform(put(page + "/questions/" + question)
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"text\":\"Because of line 3.\"}"))
                .andExpect(jsonPath("$[0].by").value("Maike Thiede"));
        http.perform(get(page + "/mine/questions").session(fenja))
                .andExpect(jsonPath("$.questions[0].answer").value("Because of line 3."));
        mark(attempt, put(page + "/feedback"), "{\"text\":\"One thing more.\"}");
        http.perform(get(page + "/mine").session(fenja))
                .andExpect(jsonPath("$.returned.changedAt").exists());
        order("/withdrawn", "{\"reason\":\"The wrong list.\"}").andExpect(status().isOk());
        http.perform(get(page + "/mine/questions").session(fenja)).andExpect(jsonPath("$.questions", hasSize(0)));
    }

    private ResultActions ask(String page, String item) throws Exception {
        return http.perform(post(page + "/mine/questions")
                .session(fenja)
                .with(csrf())
                .contentType("application/json")
                .content("{\"item\":\"" + item + "\",\"text\":\"Why not two?\"}"));
    }

    private String returned() {
        return "/api/exercises/" + place.exercise() + "/returned";
    }

    private void mark(long attempt, MockHttpServletRequestBuilder request, String body) throws Exception {
        String version = JsonPath.read(
                http.perform(get("/api/submissions/" + attempt).session(lead))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.review.version");
        http.perform(request.session(lead)
                        .with(csrf())
                        .header("If-Match", "\"" + version + "\"")
                        .contentType("application/json")
                        .content(body))
                .andExpect(status().isOk());
    }
}
