package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.startsWith;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.account.AccessTokens;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.account.TokenScope;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@ServerTest
class SecondFactorTest {

    private static final String PASSWORD = "nordhafen";
    private static int made;

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private AccessTokens tokens;

    private String login;
    private Person person;
    private MockHttpSession session;

    @BeforeEach
    void open() throws Exception {
        harbour.open();
        login = "keeper" + ++made;
        person = accounts.create(login, "Keeper " + made, PASSWORD, Person.Role.TUTOR);
        session = harbour.signedIn(http, login);
    }

    /** The code that a device shows, some steps of 30 seconds from now. */
    private static String code(String secret, int steps) throws Exception {
        TimeBasedOneTimePasswordGenerator device = new TimeBasedOneTimePasswordGenerator();
        return device.generateOneTimePasswordString(
                new SecretKeySpec(new Base32().decode(secret), device.getAlgorithm()),
                Instant.now().plus(device.getTimeStep().multipliedBy(steps)));
    }

    private ResultActions send(MockHttpServletRequestBuilder request, MockHttpSession as, String json)
            throws Exception {
        return http.perform(
                request.session(as).with(csrf()).contentType("application/json").content(json.replace('\'', '"')));
    }

    private ResultActions signIn(String code) throws Exception {
        String more = code == null ? "" : ",'code':'" + code + "'";
        return send(
                post("/api/session"),
                new MockHttpSession(),
                "{'login':'" + login + "','password':'" + PASSWORD + "'" + more + "}");
    }

    private static String read(ResultActions done, String path) throws Exception {
        return JsonPath.read(done.andReturn().getResponse().getContentAsString(), path);
    }

    private static List<String> codes(ResultActions done) throws Exception {
        return JsonPath.read(
                done.andExpect(status().isOk()).andReturn().getResponse().getContentAsString(), "$.codes");
    }

    /** What a second factor was begun with. */
    private record Begun(String secret, List<String> recovery) {}

    /** Begins a second factor with the code of the step before, so that those of now and later are still to be used. */
    private Begun begun() throws Exception {
        String secret = read(
                send(post("/api/session/factor"), session, "{'password':'" + PASSWORD + "'}")
                        .andExpect(status().isCreated())
                        .andExpect(jsonPath("$.address").value(startsWith("otpauth://totp/Hausaufgabe%3A" + login)))
                        .andExpect(jsonPath("$.picture").value(startsWith("data:image/svg+xml;base64,"))),
                "$.secret");
        ResultActions confirmed = send(put("/api/session/factor"), session, "{'code':'" + code(secret, -1) + "'}");
        List<String> recovery = codes(confirmed);
        session = (MockHttpSession) confirmed.andReturn().getRequest().getSession();
        return new Begun(secret, recovery);
    }

    @Test
    void aCodeIsAskedForAndTakenOnce() throws Exception {
        String secret = begun().secret();

        signIn(null)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.codeNeeded").value(true))
                .andExpect(jsonPath("$.person").doesNotExist());
        String code = code(secret, 0);
        signIn(code.substring(0, 3) + " " + code.substring(3))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.person.login").value(login));
        signIn(code)
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.detail").value(containsString("each only once")));
    }

    @Test
    void whoWasOnlyAskedForACodeIsNotSignedIn() throws Exception {
        begun();
        MockHttpSession asked =
                (MockHttpSession) signIn(null).andReturn().getRequest().getSession();

        http.perform(get("/api/exercises").session(asked)).andExpect(status().isUnauthorized());
    }

    @Test
    void anOfferedFactorDoesNotCountBeforeItsFirstCode() throws Exception {
        send(post("/api/session/factor"), session, "{'password':'" + PASSWORD + "'}");

        send(put("/api/session/factor"), session, "{'code':'not one'}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("Nothing was changed")));
        signIn(null).andExpect(jsonPath("$.person.login").value(login));
    }

    @Test
    void aRecoveryCodeStandsInOnceAndNewOnesReplaceTheRest() throws Exception {
        Begun begun = begun();
        List<String> codes = begun.recovery();
        assertEquals(10, codes.size());

        signIn(codes.get(0).toUpperCase(java.util.Locale.ROOT))
                .andExpect(jsonPath("$.person.login").value(login));
        signIn(codes.get(0)).andExpect(status().isUnauthorized());
        http.perform(get("/api/session/factor").session(session))
                .andExpect(jsonPath("$.codesLeft").value(9));

        List<String> fresh = codes(send(post("/api/session/factor/codes"), session, "{'code':'" + codes.get(1) + "'}"));
        signIn(codes.get(2)).andExpect(status().isUnauthorized());
        signIn(fresh.get(0)).andExpect(jsonPath("$.person.login").value(login));
    }

    @Test
    void guessingCodesIsSlowedDownAlthoughThePasswordIsRight() throws Exception {
        begun();
        for (int i = 0; i < 5; i++) {
            signIn(null).andExpect(jsonPath("$.codeNeeded").value(true));
            signIn("00000" + i).andExpect(status().isUnauthorized());
        }
        signIn("000009").andExpect(status().isTooManyRequests());
    }

    @Test
    void aSecondFactorEndsWithACodeOrByTheLead() throws Exception {
        Begun begun = begun();
        send(post("/api/session/factor/end"), session, "{'code':'wrong'}").andExpect(status().isUnprocessableEntity());
        send(post("/api/session/factor/end"), session, "{'code':'" + code(begun.secret(), 0) + "'}")
                .andExpect(status().isNoContent());
        signIn(null).andExpect(jsonPath("$.person.login").value(login));

        begun();
        MockHttpSession lead = harbour.signedIn(http, "maike");
        http.perform(get("/api/accounts").session(lead))
                .andExpect(jsonPath("$[?(@.login == '" + login + "')].secondFactor")
                        .value(hasItem(true)));
        http.perform(delete("/api/accounts/" + person.id() + "/factor")
                        .session(lead)
                        .with(csrf()))
                .andExpect(status().isNoContent());
        signIn(null).andExpect(jsonPath("$.person.login").value(login));
    }

    @Test
    void programsNeedATokenThen() throws Exception {
        assertEquals(person.id(), tokens.signIn(login, PASSWORD, "::1").id());
        begun();

        Problem refused = assertThrows(Problem.class, () -> tokens.signIn(login, PASSWORD, "::1"));
        assertEquals(
                "You sign in with a second factor, so that a password is not enough here: use a token.",
                refused.getMessage());
        String secret =
                tokens.make(person, "the pilot boat", Set.of(TokenScope.GIT)).secret();
        assertEquals(person.id(), tokens.signIn(login, secret, "::1").id());
    }

    @Test
    void sessionsElsewhereEndWithTheFirstCode() throws Exception {
        MockHttpSession elsewhere = harbour.signedIn(http, login);
        begun();

        http.perform(get("/api/exercises").session(elsewhere)).andExpect(status().isUnauthorized());
        http.perform(get("/api/exercises").session(session)).andExpect(status().isOk());
    }

    @Test
    void itIsForTheStaffAndNeedsThePassword() throws Exception {
        send(post("/api/session/factor"), session, "{'password':'something else'}")
                .andExpect(status().isUnprocessableEntity());
        Person student = accounts.create("s" + made, "A student", PASSWORD, Person.Role.STUDENT);
        send(post("/api/session/factor"), harbour.signedIn(http, student.login()), "{'password':'" + PASSWORD + "'}")
                .andExpect(status().isForbidden());
    }
}
