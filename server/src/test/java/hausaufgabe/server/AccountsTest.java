package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@ServerTest
class AccountsTest {

    private static int made;

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession lead;

    @BeforeEach
    void open() throws Exception {
        harbour.open();
        lead = harbour.signedIn(http, "maike");
    }

    /** A new account, by its sign-in. */
    private record Made(String login, int id, String token) {}

    private Made invite() throws Exception {
        String login = "pilot" + ++made;
        String body = sent(
                        post("/api/accounts"),
                        lead,
                        "{'login':'" + login + "','name':'Pilot " + made + "','role':'TUTOR'}")
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.account.state").value("INVITED"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return new Made(login, JsonPath.read(body, "$.account.id"), JsonPath.read(body, "$.link.token"));
    }

    private ResultActions choose(String token, String password) throws Exception {
        return sent(
                post("/api/links/password"),
                new MockHttpSession(),
                "{'token':'" + token + "','password':'" + password + "'}");
    }

    private ResultActions signIn(String login, String password) throws Exception {
        return sent(
                post("/api/session"), new MockHttpSession(), "{'login':'" + login + "','password':'" + password + "'}");
    }

    private MockHttpSession sessionOf(String login, String password) throws Exception {
        return (MockHttpSession) signIn(login, password)
                .andExpect(status().isOk())
                .andReturn()
                .getRequest()
                .getSession();
    }

    private ResultActions sent(
            org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder request,
            MockHttpSession session,
            String json)
            throws Exception {
        return http.perform(request.session(session)
                .with(csrf())
                .contentType("application/json")
                .content(json.replace('\'', '"')));
    }

    @Test
    void aLinkChoosesAPasswordOnceAndLetsIn() throws Exception {
        Made pilot = invite();
        sent(post("/api/links"), new MockHttpSession(), "{'token':'" + pilot.token() + "'}")
                .andExpect(jsonPath("$.login").value(pilot.login()));

        choose(pilot.token(), "short").andExpect(status().isUnprocessableEntity());
        choose(pilot.token(), "high water at nine").andExpect(status().isNoContent());
        choose(pilot.token(), "another one at ten").andExpect(status().isNotFound());

        signIn(pilot.login(), "high water at nine").andExpect(status().isOk());
        signIn(pilot.login(), "another one at ten").andExpect(status().isUnauthorized());
    }

    @Test
    void aNewLinkMakesTheOneBeforeUseless() throws Exception {
        Made pilot = invite();
        String body = sent(post("/api/accounts/" + pilot.id() + "/link"), lead, "{}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();

        choose(pilot.token(), "high water at nine").andExpect(status().isNotFound());
        choose(JsonPath.read(body, "$.token"), "high water at nine").andExpect(status().isNoContent());
    }

    @Test
    void whoseAccountIsTakenAwayIsOutAtOnceAndMayComeBack() throws Exception {
        Made pilot = invite();
        choose(pilot.token(), "high water at nine");
        MockHttpSession session = sessionOf(pilot.login(), "high water at nine");

        sent(put("/api/accounts/" + pilot.id() + "/disabled"), lead, "{'disabled':true}")
                .andExpect(jsonPath("$.state").value("DISABLED"));
        http.perform(get("/api/exercises").session(session)).andExpect(status().isUnauthorized());
        signIn(pilot.login(), "high water at nine").andExpect(status().isUnauthorized());

        sent(put("/api/accounts/" + pilot.id() + "/disabled"), lead, "{'disabled':false}");
        signIn(pilot.login(), "high water at nine").andExpect(status().isOk());
    }

    @Test
    void anotherPasswordEndsTheSessionsThatBeganWithTheFormer() throws Exception {
        Made pilot = invite();
        choose(pilot.token(), "high water at nine");
        MockHttpSession elsewhere = sessionOf(pilot.login(), "high water at nine");
        MockHttpSession here = sessionOf(pilot.login(), "high water at nine");

        sent(put("/api/session/password"), here, "{'before':'wrong','after':'low water at three'}")
                .andExpect(status().isUnprocessableEntity());
        MockHttpSession after = (MockHttpSession)
                sent(put("/api/session/password"), here, "{'before':'high water at nine','after':'low water at three'}")
                        .andExpect(status().isOk())
                        .andReturn()
                        .getRequest()
                        .getSession();

        http.perform(get("/api/exercises").session(after)).andExpect(status().isOk());
        http.perform(get("/api/exercises").session(elsewhere)).andExpect(status().isUnauthorized());
        signIn(pilot.login(), "low water at three").andExpect(status().isOk());
    }

    @Test
    void tutorsManageNoAccountsAndTheLeadKeepsTheOwn() throws Exception {
        MockHttpSession tutor = harbour.signedIn(http, "jonte");

        http.perform(get("/api/accounts").session(tutor))
                .andExpect(status().isForbidden())
                .andExpect(
                        jsonPath("$.detail").value(containsString("Your duty in this course does not include that")));
        sent(post("/api/accounts"), tutor, "{'login':'nis','name':'Nis','role':'LEAD'}")
                .andExpect(status().isForbidden());
        sent(put("/api/accounts/" + harbour.lead.id() + "/disabled"), lead, "{'disabled':true}")
                .andExpect(status().isConflict());
        sent(post("/api/accounts"), lead, "{'login':'maike','name':'Maike','role':'LEAD'}")
                .andExpect(status().isConflict());
        sent(post("/api/accounts"), lead, "{'login':'a b','name':'Maike','role':'LEAD'}")
                .andExpect(status().isUnprocessableEntity());
    }

    @Test
    void guessingPasswordsTakesLongerEachTime() throws Exception {
        Made pilot = invite();
        choose(pilot.token(), "high water at nine");
        for (int i = 0; i < 5; i++) {
            signIn(pilot.login(), "guess " + i).andExpect(status().isUnauthorized());
        }

        signIn(pilot.login(), "high water at nine")
                .andExpect(status().isTooManyRequests())
                .andExpect(jsonPath("$.detail").value(containsString("Wait a second")));

        assertEquals(200, statusLater(pilot.login()));
    }

    /** After as long as the answer says. */
    private int statusLater(String login) throws Exception {
        int status = 429;
        for (int i = 0; i < 100 && status == 429; i++) {
            Thread.sleep(50);
            status = signIn(login, "high water at nine")
                    .andReturn()
                    .getResponse()
                    .getStatus();
        }
        return status;
    }
}
