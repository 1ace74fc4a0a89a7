package hausaufgabe.server;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Several courses in one installation, and what a duty in one allows. */
@ServerTest
class CourseTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Staffing staffing;

    @Autowired
    private Courses courses;

    private MockHttpSession lead;
    private MockHttpSession tutor;

    @BeforeEach
    void open() throws Exception {
        harbour.open();
        lead = harbour.signedIn(http, "maike");
        tutor = harbour.signedIn(http, "jonte");
    }

    private ResultActions send(MockHttpServletRequestBuilder request, MockHttpSession as, String body)
            throws Exception {
        return http.perform(
                request.session(as).with(csrf()).contentType("application/json").content(body));
    }

    private long begun(String title) throws Exception {
        String made = send(post("/api/courses"), lead, "{\"title\":\"" + title + "\",\"zone\":\"Europe/Berlin\"}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return ((Number) JsonPath.read(made, "$.id")).longValue();
    }

    private MockHttpSession somebody(Duty duty) throws Exception {
        String login = "s" + UUID.randomUUID().toString().substring(0, 8);
        Person made = accounts.create(login, "Somebody " + login, "nordhafen", Person.Role.TUTOR);
        if (duty != null) {
            staffing.give(harbour.course, made.id(), duty);
        }
        return harbour.signedIn(http, login);
    }

    @Test
    void whoeverBeginsACourseLeadsItAndNobodyElseSeesIt() throws Exception {
        long course = begun("Tides and Timetables");

        http.perform(get("/api/courses/" + course).session(lead))
                .andExpect(jsonPath("$.staff[0].duty").value("LEAD"))
                .andExpect(jsonPath("$.zone").value("Europe/Berlin"))
                .andExpect(jsonPath("$.rights", hasItem("SET_EXERCISES")));
        http.perform(get("/api/courses/" + course).session(tutor)).andExpect(status().isForbidden());
        http.perform(get("/api/courses").session(tutor))
                .andExpect(jsonPath("$[*].title", not(hasItem("Tides and Timetables"))));
    }

    @Test
    void onlyThoseWhoLookAfterAccountsBeginCourses() throws Exception {
        send(post("/api/courses"), tutor, "{\"title\":\"Mine\"}").andExpect(status().isForbidden());
    }

    @Test
    void aCourseNeedsATitleAndClocksThatExist() throws Exception {
        send(post("/api/courses"), lead, "{\"title\":\"  \"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("title")));
        send(post("/api/courses"), lead, "{\"title\":\"T\",\"zone\":\"Mars/Port\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Europe/Berlin")));
    }

    @Test
    void aReaderSeesEverythingAndChangesNothing() throws Exception {
        MockHttpSession reader = somebody(Duty.READER);
        String exercise = "/api/exercises/" + harbour.exercise.id();

        http.perform(get(exercise).session(reader)).andExpect(status().isOk());
        http.perform(get(exercise + "/grades").session(reader)).andExpect(status().isOk());
        http.perform(get(exercise + "/manuscript").session(reader)).andExpect(status().isOk());
        harbour.handIn(http, reader, harbour.student("1").id(), "Main.java", Harbour.GOOD.getBytes())
                .andExpect(status().isForbidden());
        send(put(exercise + "/manuscript/file?path=brief.md").header("If-Match", "0"), reader, "{\"text\":\"x\"}")
                .andExpect(status().isForbidden());
    }

    @Test
    void aTutorMarksAndSetsNoExercise() throws Exception {
        send(post("/api/courses/" + harbour.course + "/exercises"), tutor, "{\"pattern\":\"observer\"}")
                .andExpect(status().isForbidden());
        send(post("/api/exercises/" + harbour.exercise.id() + "/versions"), tutor, "{}")
                .andExpect(status().isForbidden());
        send(delete("/api/exercises/" + harbour.exercise.id()), tutor, "").andExpect(status().isForbidden());
    }

    @Test
    void whoHasNothingToDoInACourseSeesNothingOfIt() throws Exception {
        MockHttpSession stranger = somebody(null);
        long submission = harbour.handedIn(http, lead, harbour.student("1").id());

        http.perform(get("/api/courses").session(stranger)).andExpect(jsonPath("$", hasSize(0)));
        http.perform(get("/api/exercises").session(stranger)).andExpect(jsonPath("$", hasSize(0)));
        for (String address : new String[] {
            "/api/exercises/" + harbour.exercise.id(),
            "/api/exercises/" + harbour.exercise.id() + "/folder.zip",
            "/api/submissions/" + submission,
            "/api/submissions/" + submission + "/source?path=Main.java"
        }) {
            http.perform(get(address).session(stranger)).andExpect(status().isForbidden());
        }
    }

    @Test
    void aStudentOfAnotherCourseHandsNothingInHere() throws Exception {
        long course = begun("Knots");
        long other =
                courses.enrol(course, new Student(0, "1", "Somebody Else", "A")).id();

        harbour.handIn(http, lead, other, "Main.java", Harbour.GOOD.getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail", containsString("no such student in this course")));
    }

    @Test
    void aNumberWrittenInAnotherWayOpensNoDoor() throws Exception {
        MockHttpSession stranger = somebody(null);

        for (String id : new String[] {
            "0x" + Long.toHexString(harbour.exercise.id()),
            "+" + harbour.exercise.id(),
            "%3" + harbour.exercise.id(),
            "%20" + harbour.exercise.id()
        }) {
            http.perform(get(java.net.URI.create("/api/exercises/" + id + "/manuscript"))
                            .session(stranger))
                    .andExpect(status().isForbidden());
        }
    }

    @Test
    void dutiesAreGivenAndTakenBackAndSomebodyAlwaysLeads() throws Exception {
        long course = begun("Berths");
        String staff = "/api/courses/" + course + "/staff/";

        send(put(staff + harbour.tutor.id()), lead, "{\"duty\":\"TUTOR\"}").andExpect(jsonPath("$.staff", hasSize(2)));
        http.perform(get("/api/courses/" + course).session(tutor))
                .andExpect(jsonPath("$.rights", contains("READ", "HAND_IN", "MARK")));
        send(delete(staff + harbour.lead.id()), lead, "").andExpect(status().isConflict());
        send(put(staff + harbour.lead.id()), lead, "{\"duty\":\"READER\"}").andExpect(status().isConflict());
        send(delete(staff + harbour.tutor.id()), lead, "").andExpect(status().isNoContent());
        http.perform(get("/api/courses/" + course).session(tutor)).andExpect(status().isForbidden());
    }
}
