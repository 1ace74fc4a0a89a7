package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Programs that ask with a token alone. */
@ServerTest
class TokenTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Staffing staffing;

    private Harbour.Place place;
    private MockHttpSession somebody;
    private long submission;

    @BeforeEach
    void somebodyMarks() throws Exception {
        place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"));
        String login = "t" + UUID.randomUUID().toString().substring(0, 8);
        Person made = accounts.create(login, "Somebody", "nordhafen", Person.Role.TUTOR);
        staffing.give(place.course(), made.id(), Duty.TUTOR);
        somebody = harbour.signedIn(http, login);
        submission = harbour.handedIn(http, somebody, place);
    }

    private String made(String scopes) throws Exception {
        return http.perform(post("/api/session/tokens")
                        .session(somebody)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"label\":\"a program\",\"scopes\":" + scopes + "}"))
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private String token(String scopes) throws Exception {
        return JsonPath.read(made(scopes), "$.secret");
    }

    private ResultActions ask(MockHttpServletRequestBuilder request, String token) throws Exception {
        return http.perform(request.header("Authorization", "Bearer " + token));
    }

    private MockHttpServletRequestBuilder feedback(String version) {
        return put("/api/submissions/" + submission + "/feedback")
                .header("If-Match", version)
                .contentType("application/json")
                .content("{\"text\":\"By a program.\"}");
    }

    @Test
    void aTokenAllowsWhatItIsForAndNoMore() throws Exception {
        String reads = token("[\"READ\"]");
        String marks = token("[\"READ\",\"MARK\"]");

        ask(get("/api/courses/" + place.course() + "/grades"), reads).andExpect(status().isOk());
        ask(feedback("new"), reads).andExpect(status().isForbidden());
        ask(get("/api/exercises/" + place.exercise()), reads)
                .andExpect(jsonPath("$.rights.length()").value(1))
                .andExpect(jsonPath("$.rights[0]").value("READ"));
        // no session is behind it, so that nothing has to guard against forged requests
        ask(feedback("new"), marks).andExpect(status().isOk());
        // what its owner may not do a token does not allow
        ask(put("/api/courses/" + place.course() + "/scheme"), token("[\"LEAD_COURSE\"]"))
                .andExpect(status().isForbidden());
        ask(get("/api/courses/" + place.course() + "/grades"), token("[\"GIT\"]"))
                .andExpect(status().isForbidden());
    }

    @Test
    void whatIsTakenBackOrInventedIsRefusedAlsoBesideASession() throws Exception {
        String made = made("[\"READ\",\"MARK\"]");
        String token = JsonPath.read(made, "$.secret");
        int id = JsonPath.read(made, "$.token.id");
        http.perform(delete("/api/session/tokens/" + id).session(somebody).with(csrf()))
                .andExpect(status().isNoContent());

        ask(get("/api/exercises"), token)
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.detail").value(containsString("taken back")));
        ask(feedback("new").session(somebody), "hga_invented").andExpect(status().isUnauthorized());
        http.perform(feedback("new").session(somebody)).andExpect(status().isForbidden());
    }

    @Test
    void aTokenMakesNoTokensAndLooksAfterNoAccounts() throws Exception {
        String all = token("[\"READ\",\"MARK\",\"HAND_IN\",\"SET_EXERCISES\",\"LEAD_COURSE\",\"STUDY\"]");

        ask(get("/api/session/tokens"), all).andExpect(status().isForbidden());
        ask(
                        post("/api/session/tokens")
                                .contentType("application/json")
                                .content("{\"label\":\"another\",\"scopes\":[\"READ\"]}"),
                        all)
                .andExpect(status().isForbidden());
        ask(get("/api/accounts"), all).andExpect(status().isForbidden());
        http.perform(post("/api/session/tokens")
                        .session(somebody)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"label\":\"nothing\",\"scopes\":[]}"))
                .andExpect(status().isUnprocessableEntity());
    }

    @Test
    void whoAsksTooOftenIsToldToWait() throws Exception {
        String token = token("[\"READ\"]");
        ResultActions last = null;
        // more than is given in a minute, for what is used up comes back while a slow machine asks
        for (int i = 0; i < 3000; i++) {
            last = ask(get("/api/notation/keywords-nobody-has"), token);
            if (last.andReturn().getResponse().getStatus() == 429) {
                break;
            }
        }
        last.andExpect(status().isTooManyRequests()).andExpect(header().exists("Retry-After"));
        // another token is not held up by it
        ask(get("/api/exercises"), token("[\"READ\"]")).andExpect(status().isOk());
    }
}
