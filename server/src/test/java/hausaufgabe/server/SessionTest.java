package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;

@ServerTest
class SessionTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @BeforeEach
    void open() {
        harbour.open();
    }

    @Test
    void nobodyIsSignedInAtFirst() throws Exception {
        http.perform(get("/api/session"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.person").doesNotExist());
    }

    @Test
    void whoSignsInIsKnownUntilSigningOut() throws Exception {
        MockHttpSession session = harbour.signedIn(http, "maike");

        http.perform(get("/api/session").session(session))
                .andExpect(jsonPath("$.person.name").value("Maike Thiede"));
        http.perform(delete("/api/session").session(session).with(csrf())).andExpect(status().isNoContent());

        http.perform(get("/api/exercises")).andExpect(status().isUnauthorized());
    }

    @Test
    void aSessionFromBeforeIsNotTheOneAfterSigningIn() throws Exception {
        MockHttpSession before = new MockHttpSession();
        String old = before.getId();

        MockHttpSession after = (MockHttpSession) http.perform(post("/api/session")
                        .session(before)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"login\":\"maike\",\"password\":\"nordhafen\"}"))
                .andReturn()
                .getRequest()
                .getSession();

        assertNotEquals(old, after.getId());
    }

    @Test
    void aWrongPasswordAndAnUnknownSignInGetTheSameAnswer() throws Exception {
        for (String body : new String[] {
            "{\"login\":\"maike\",\"password\":\"wrong\"}", "{\"login\":\"nobody\",\"password\":\"nordhafen\"}"
        }) {
            http.perform(post("/api/session")
                            .with(csrf())
                            .contentType("application/json")
                            .content(body))
                    .andExpect(status().isUnauthorized())
                    .andExpect(
                            jsonPath("$.detail")
                                    .value(
                                            "Sign-in and password do not go together. Check both; the lead can make you a link to choose a new one."));
        }
        http.perform(post("/api/session")
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"login\":\"\"}"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("Enter your sign-in.")));
    }

    @Test
    void whoIsNotSignedInSeesNothing() throws Exception {
        for (String path : new String[] {
            "/api/exercises",
            "/api/exercises/1",
            "/api/exercises/1/grades",
            "/api/exercises/1/grades.csv",
            "/api/submissions/1",
            "/api/course",
            "/api/sandbox",
            "/api/news",
            "/api/accounts",
            "/api/submissions/1/source",
            "/api/anything",
            "/api/description"
        }) {
            http.perform(get(path))
                    .andExpect(status().isUnauthorized())
                    .andExpect(jsonPath("$.detail").value("Sign in first."));
        }
    }

    @Test
    void aChangeWithoutThePagesTokenIsRefused() throws Exception {
        MockHttpSession session = harbour.signedIn(http, "maike");

        http.perform(post("/api/submissions/1/check").session(session))
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("Load it again")));
    }
}
