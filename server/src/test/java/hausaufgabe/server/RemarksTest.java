package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
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
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Remarks on claims and lines, and the library that they come from. */
@ServerTest
class RemarksTest {

    private static final String ON_A_CLAIM = "\"item\":\"requirement:delegates\"";

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession tutor;
    private Harbour.Place place;
    private long submission;

    @BeforeEach
    void handIn() throws Exception {
        place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"));
        tutor = harbour.signedIn(http, "jonte");
        submission = harbour.handedIn(http, tutor, place);
    }

    @Test
    void aRemarkIsMadeRewrittenAndTakenAway() throws Exception {
        say(ON_A_CLAIM, "Office asks *fee*.").andExpect(status().isOk());
        say("\"file\":\"Main.java\",\"line\":2,\"endLine\":3", "Both are kinds.")
                .andExpect(status().isOk());
        String page = page().andExpect(jsonPath("$.review.remarks", hasSize(2)))
                .andExpect(jsonPath("$.review.remarks[1].line").value(2))
                .andReturn()
                .getResponse()
                .getContentAsString();
        int first = JsonPath.read(page, "$.review.remarks[0].id");

        send(put(remarks() + "/" + first), "{\"text\":\"Better so.\"}").andExpect(status().isOk());
        page().andExpect(jsonPath("$.review.remarks[0].text").value("Better so."));
        send(delete(remarks() + "/" + first), "").andExpect(status().isOk());

        page().andExpect(jsonPath("$.review.remarks", hasSize(1)))
                .andExpect(jsonPath("$.review.history", hasSize(4)))
                .andExpect(jsonPath("$.review.history[0].before").value("Better so."));
    }

    @Test
    void whatIsAboutNothingIsRefused() throws Exception {
        say("\"item\":\"requirement:nobody\"", "So.").andExpect(status().isNotFound());
        say("\"file\":\"Main.java\",\"line\":3,\"endLine\":900", "So.")
                .andExpect(jsonPath("$.detail").value(containsString("lines of a file")));
        say(ON_A_CLAIM, "  ").andExpect(jsonPath("$.detail").value(containsString("Write what")));
        say(ON_A_CLAIM, "x".repeat(4_001)).andExpect(jsonPath("$.detail").value(containsString("4,000")));

        page().andExpect(jsonPath("$.review.remarks", hasSize(0))).andExpect(jsonPath("$.review.history", hasSize(0)));
    }

    @Test
    void theLibraryIsSharedCountsItsUseAndChangesNothingThatWasSaid() throws Exception {
        keep("{\"text\":\"Seldom.\"}").andExpect(status().isCreated());
        int often = JsonPath.read(
                keep("{\"about\":\"requirement:delegates\",\"text\":\"{Context} should ask.\",\"points\":1.5}")
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.id");
        say(ON_A_CLAIM + ",\"library\":" + often, "Office should ask.").andExpect(status().isOk());

        MockHttpSession lead = harbour.signedIn(http, "maike");
        http.perform(get(library()).session(lead))
                .andExpect(jsonPath("$[0].id").value(often))
                .andExpect(jsonPath("$[0].used").value(1))
                .andExpect(jsonPath("$[0].points").value(1.5))
                .andExpect(jsonPath("$[1].text").value("Seldom."));
        http.perform(put(library() + "/" + often)
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"text\":\"Quite another thing.\"}"))
                .andExpect(status().isOk());
        page().andExpect(jsonPath("$.review.remarks[0].text").value("Office should ask."));

        http.perform(delete(library() + "/" + often).session(lead).with(csrf())).andExpect(status().isNoContent());
        say(ON_A_CLAIM + ",\"library\":" + often, "Said with one that is gone.").andExpect(status().isOk());
    }

    @Test
    void theLibraryTakesNoPointsThatAreNone() throws Exception {
        keep("{\"text\":\"So.\",\"points\":-1}").andExpect(status().isUnprocessableEntity());
        keep("{\"text\":\"So.\",\"points\":0.3}").andExpect(status().isUnprocessableEntity());
        keep("{\"text\":\" \"}").andExpect(status().isUnprocessableEntity());

        http.perform(get(library()).session(tutor)).andExpect(jsonPath("$", hasSize(0)));
    }

    private String remarks() {
        return "/api/submissions/" + submission + "/remarks";
    }

    private String library() {
        return "/api/courses/" + place.course() + "/remarks";
    }

    private ResultActions keep(String body) throws Exception {
        return http.perform(post(library())
                .session(tutor)
                .with(csrf())
                .contentType("application/json")
                .content(body));
    }

    private ResultActions say(String about, String text) throws Exception {
        return send(post(remarks()), "{" + about + ",\"text\":\"" + text + "\"}");
    }

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        String version = JsonPath.read(page().andReturn().getResponse().getContentAsString(), "$.review.version");
        return http.perform(request.session(tutor)
                .with(csrf())
                .header("If-Match", "\"" + version + "\"")
                .contentType("application/json")
                .content(body));
    }

    private ResultActions page() throws Exception {
        return http.perform(get("/api/submissions/" + submission).session(tutor));
    }
}
