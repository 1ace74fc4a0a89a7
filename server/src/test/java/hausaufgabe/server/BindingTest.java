package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.course.Student;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Who is who, as a person says it. */
@ServerTest
class BindingTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession tutor;
    private long submission;
    private long another;

    @BeforeEach
    void handIn() throws Exception {
        Harbour.Place place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"));
        tutor = harbour.signedIn(http, "jonte");
        another = harbour.handedIn(http, tutor, place);
        submission = harbour.handedIn(http, tutor, place);
    }

    @Test
    void whatWouldFollowIsSeenBeforeAnythingIsKept() throws Exception {
        outlook("{\"Context\":[\"Flat\"]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.roles.Context", hasItem("Flat")))
                .andExpect(jsonPath("$.turned[?(@.item == 'requirement:delegates')].before", hasItem("MET")))
                .andExpect(jsonPath("$.turned[?(@.item == 'requirement:delegates')].after", hasItem("MISSING")));

        page(submission)
                .andExpect(jsonPath("$.report.roles.Context", hasItem("Office")))
                .andExpect(jsonPath("$.review.history", hasSize(0)));
    }

    @Test
    void aBindingHoldsThroughChecksForThisSubmissionOnlyAndIsTakenBack() throws Exception {
        bind("{\"Context\":[\"Flat\"]}", "It is called so in the brief.").andExpect(status().isAccepted());

        page(submission)
                .andExpect(jsonPath("$.report.roles.Context", hasItem("Flat")))
                .andExpect(jsonPath("$.binding.by").value("Jonte Harmsdeich"))
                .andExpect(jsonPath("$.review.history[0].what").value("BINDING"))
                .andExpect(jsonPath("$.review.history[0].after").value("Flat as Context"));
        http.perform(post("/api/submissions/" + submission + "/check")
                        .session(tutor)
                        .with(csrf()))
                .andExpect(status().isAccepted());
        page(submission).andExpect(jsonPath("$.report.roles.Context", hasItem("Flat")));
        page(another).andExpect(jsonPath("$.report.roles.Context", hasItem("Office")));

        bind("{}", "").andExpect(status().isAccepted());

        page(submission)
                .andExpect(jsonPath("$.report.roles.Context", hasItem("Office")))
                .andExpect(jsonPath("$.binding").doesNotExist())
                .andExpect(jsonPath("$.review.history", hasSize(2)));
    }

    @Test
    void aBindingThatMakesNoSenseIsRefused() throws Exception {
        bind("{\"Context\":[\"Nobody\"]}", "So.")
                .andExpect(jsonPath("$.detail").value(containsString("no type Nobody")));
        bind("{\"Captain\":[\"Office\"]}", "So.")
                .andExpect(jsonPath("$.detail").value(containsString("no role Captain")));
        bind("{\"Context\":[]}", "So.").andExpect(jsonPath("$.detail").value(containsString("which type")));
        bind("{\"Context\":[\"Flat\"]}", " ").andExpect(jsonPath("$.detail").value(containsString("Say why")));

        page(submission)
                .andExpect(jsonPath("$.binding").doesNotExist())
                .andExpect(jsonPath("$.review.history", hasSize(0)));
    }

    @Test
    void whoeverHasNotSeenTheLastChangeIsTold() throws Exception {
        bind("{\"Context\":[\"Flat\"]}", "First.").andExpect(status().isAccepted());

        http.perform(put("/api/submissions/" + submission + "/binding")
                        .session(tutor)
                        .with(csrf())
                        .header("If-Match", "\"new\"")
                        .contentType("application/json")
                        .content("{\"roles\":{\"Context\":[\"ByMetre\"]},\"reason\":\"Second.\"}"))
                .andExpect(status().isPreconditionFailed());

        page(submission).andExpect(jsonPath("$.report.roles.Context", hasItem("Flat")));
    }

    @Test
    void theReportHasADiagramAndWhoElseMightHavePlayed() throws Exception {
        page(submission)
                .andExpect(jsonPath("$.report.diagram.classifiers", hasSize(4)))
                .andExpect(
                        jsonPath("$.report.diagram.relationships[?(@.label == 'fee')].kind", hasItem("ASSOCIATION")));
    }

    private ResultActions outlook(String roles) throws Exception {
        return http.perform(post("/api/submissions/" + submission + "/binding/outlook")
                .session(tutor)
                .with(csrf())
                .contentType("application/json")
                .content("{\"roles\":" + roles + "}"));
    }

    private ResultActions bind(String roles, String reason) throws Exception {
        String version =
                JsonPath.read(page(submission).andReturn().getResponse().getContentAsString(), "$.review.version");
        return http.perform(put("/api/submissions/" + submission + "/binding")
                .session(tutor)
                .with(csrf())
                .header("If-Match", "\"" + version + "\"")
                .contentType("application/json")
                .content("{\"roles\":" + roles + ",\"reason\":\"" + reason + "\"}"));
    }

    private ResultActions page(long id) throws Exception {
        return http.perform(get("/api/submissions/" + id).session(tutor));
    }
}
