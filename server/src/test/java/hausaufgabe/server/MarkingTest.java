package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@ServerTest
class MarkingTest {

    private static final String DELEGATES = "requirement:delegates";

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession lead;
    private MockHttpSession tutor;
    private long submission;

    @BeforeEach
    void open() throws Exception {
        harbour.open();
        lead = harbour.signedIn(http, "maike");
        tutor = harbour.signedIn(http, "jonte");
        submission = harbour.handedIn(http, lead, harbour.student("1").id());
    }

    @Test
    void pointsAreGivenWithAReasonAndSeenByTheOthers() throws Exception {
        points(lead, "new", 1.5, "Only half of it.")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.points").value(12.5));

        http.perform(get("/api/submissions/" + submission).session(tutor))
                .andExpect(header().string("ETag", "\"0\""))
                .andExpect(jsonPath("$.review.decisions[0].by").value("Maike Thiede"))
                .andExpect(jsonPath("$.review.decisions[0].reason").value("Only half of it."))
                .andExpect(jsonPath("$.review.history[0].before").value("3"))
                .andExpect(jsonPath("$.review.history[0].after").value("1.5"));
    }

    @Test
    void pointsOutsideTheirBoundsOrWithoutAReasonAreRefused() throws Exception {
        points(lead, "new", 4, "Too much.").andExpect(status().isUnprocessableEntity());
        points(lead, "new", -1, "Too little.").andExpect(status().isUnprocessableEntity());
        points(lead, "new", 1.1, "Not in quarters.")
                .andExpect(jsonPath("$.detail").value("Give from 0 to 3 points, in quarters."));
        points(lead, "new", 1, " ").andExpect(jsonPath("$.detail").value(containsString("Say why")));

        http.perform(get("/api/submissions/" + submission).session(lead))
                .andExpect(jsonPath("$.review.history", hasSize(0)));
    }

    @Test
    void whenTwoMarkTheSameTheSecondIsToldAndNothingIsLost() throws Exception {
        points(lead, "new", 1, "First.").andExpect(status().isOk());

        points(tutor, "new", 2, "Second.")
                .andExpect(status().isPreconditionFailed())
                .andExpect(jsonPath("$.detail").value(containsString("Somebody else has changed")));
        points(tutor, "0", 2, "Second, having seen the first.").andExpect(status().isOk());

        http.perform(get("/api/submissions/" + submission).session(lead))
                .andExpect(jsonPath("$.review.history", hasSize(2)))
                .andExpect(jsonPath("$.review.history[1].reason").value("First."));
    }

    @Test
    void pointsGoBackToWhatWasProposedAndTheHistoryKeepsBoth() throws Exception {
        points(lead, "new", 0, "By mistake.");

        perform(delete("/api/submissions/" + submission + "/points").param("item", DELEGATES), lead, "0", null)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.points").value(14.0))
                .andExpect(jsonPath("$.decisions", hasSize(0)))
                .andExpect(jsonPath("$.history", hasSize(2)));
    }

    @Test
    void feedbackAndSettlingAreKeptWithWhoDidIt() throws Exception {
        String body = perform(
                        put("/api/submissions/" + submission + "/feedback"),
                        tutor,
                        "new",
                        "{\"text\":\"Well *done*.\"}")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        perform(
                        put("/api/submissions/" + submission + "/settled"),
                        tutor,
                        JsonPath.read(body, "$.version"),
                        "{\"settled\":true}")
                .andExpect(jsonPath("$.settledBy").value("Jonte Harmsdeich"))
                .andExpect(jsonPath("$.feedback").value("Well *done*."));

        perform(
                        put("/api/submissions/" + submission + "/feedback"),
                        tutor,
                        "1",
                        "{\"text\":\"" + "x".repeat(20_001) + "\"}")
                .andExpect(status().isUnprocessableEntity());
    }

    @Test
    void theGradeSheetShowsEveryoneAndGoesOutAsCsv() throws Exception {
        perform(
                put("/api/submissions/" + submission + "/feedback"),
                tutor,
                "new",
                "{\"text\":\"=Good, \\\"really\\\"\\nsecond line\"}");

        http.perform(get("/api/exercises/" + harbour.exercise.id() + "/grades").session(lead))
                .andExpect(jsonPath("$.rows", hasSize(3)))
                .andExpect(
                        jsonPath("$.rows[?(@.student.number == '1')].markedBy").value("Jonte Harmsdeich"));
        String csv = http.perform(get("/api/exercises/" + harbour.exercise.id() + "/grades.csv")
                        .session(lead))
                .andExpect(status().isOk())
                .andExpect(header().string("Content-Disposition", containsString("grades-1-What")))
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);

        List<String> lines = csv.lines().toList();
        assertEquals(
                "number,name,group,attempt,handed in,late,verdict,points,possible,settled,marked by,feedback",
                lines.get(0));
        assertTrue(csv.contains("\"'=Tjark \"\"Quote\"\", Bojer\""), csv);
        assertTrue(csv.contains("\"'=Good, \"\"really\"\"\nsecond line\""), csv);
    }

    private ResultActions points(MockHttpSession session, String version, double points, String reason)
            throws Exception {
        return perform(
                put("/api/submissions/" + submission + "/points").param("item", DELEGATES),
                session,
                version,
                "{\"points\":" + points + ",\"reason\":\"" + reason + "\"}");
    }

    private ResultActions perform(
            MockHttpServletRequestBuilder request, MockHttpSession session, String version, String body)
            throws Exception {
        request.session(session).with(csrf()).header("If-Match", '"' + version + '"');
        return http.perform(
                body == null ? request : request.contentType("application/json").content(body));
    }

    @Test
    void aReasonThatIsTooLongIsSaidToBe() throws Exception {
        long id = harbour.handedIn(http, lead, harbour.student("3").id());

        http.perform(put("/api/submissions/" + id + "/points")
                        .param("item", "requirement:held")
                        .session(lead)
                        .with(csrf())
                        .header("If-Match", "\"new\"")
                        .contentType("application/json")
                        .content("{\"points\":1,\"reason\":\"" + "x".repeat(1_001) + "\"}"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail")
                        .value(org.hamcrest.Matchers.containsString("can be 1000 characters long; this is 1001")));
    }

    @Test
    void ofTwoWhoMarkFirstAtTheSameMomentOneIsToldOfTheOther() throws Exception {
        long id = harbour.handedIn(http, lead, harbour.student("3").id());
        MockHttpSession session = lead;
        java.util.concurrent.ExecutorService hands = java.util.concurrent.Executors.newFixedThreadPool(4);
        List<java.util.concurrent.Callable<Integer>> all = new java.util.ArrayList<>();
        for (int i = 0; i < 4; i++) {
            String text = "Feedback " + i;
            all.add(() -> http.perform(put("/api/submissions/" + id + "/feedback")
                            .session(session)
                            .with(csrf())
                            .header("If-Match", "\"new\"")
                            .contentType("application/json")
                            .content("{\"text\":\"" + text + "\"}"))
                    .andReturn()
                    .getResponse()
                    .getStatus());
        }

        List<Integer> answers = new java.util.ArrayList<>();
        for (java.util.concurrent.Future<Integer> f : hands.invokeAll(all)) {
            answers.add(f.get());
        }
        hands.shutdown();

        assertEquals(List.of(200, 412, 412, 412), answers.stream().sorted().toList());
    }
}
