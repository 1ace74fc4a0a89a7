package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** Signing in through a provider outside, over real HTTP, with a small provider that lives here. */
@SpringBootTest(
        classes = Application.class,
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:mem:${random.uuid}",
            "hausaufgabe.demo=none",
            "hausaufgabe.open-id.client-id=" + StandInProvider.CLIENT,
            "hausaufgabe.open-id.client-secret=" + StandInProvider.SECRET,
            "hausaufgabe.open-id.name=the harbour school"
        })
@Import(Harbour.class)
class OutsideSignInTest {

    private static StandInProvider provider;
    private static int made;

    @LocalServerPort
    private int port;

    @Autowired
    private Accounts accounts;

    private Accounts.AccountLine account;
    private String subject;

    @BeforeAll
    static void begin() throws Exception {
        provider = new StandInProvider();
    }

    @AfterAll
    static void end() {
        provider.close();
    }

    @DynamicPropertySource
    static void settings(DynamicPropertyRegistry registry) {
        registry.add("hausaufgabe.open-id.issuer", () -> provider.issuer());
    }

    @BeforeEach
    void invite() {
        String login = "mate" + ++made;
        subject = "subject-" + made;
        account = accounts.invite(login, "Mate " + made, Person.Role.TUTOR);
        provider.forged = false;
        provider.next = Map.of("sub", subject, "preferred_username", login);
    }

    /** A browser that has not been here yet. */
    private HttpClient browser() {
        return HttpClient.newBuilder()
                .followRedirects(HttpClient.Redirect.ALWAYS)
                .cookieHandler(new CookieManager())
                .build();
    }

    private HttpResponse<String> open(HttpClient browser, String path) throws IOException, InterruptedException {
        return browser.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private JsonNode session(HttpClient browser) throws Exception {
        return new ObjectMapper().readTree(open(browser, "/api/session").body());
    }

    private String landing(HttpClient browser) throws Exception {
        URI at = open(browser, "/oauth2/authorization/outside").uri();
        return at.getPath() + (at.getQuery() == null ? "" : "?" + at.getQuery());
    }

    @Test
    void theSignInPageLearnsOfTheProvider() throws Exception {
        JsonNode session = session(browser());

        assertEquals("the harbour school", session.at("/outside/name").asText());
        assertEquals(
                "/oauth2/authorization/outside", session.at("/outside/address").asText());
    }

    @Test
    void whoHasAnAccountIsSignedInWithoutEverHavingChosenAPassword() throws Exception {
        HttpClient browser = browser();

        assertEquals("/", landing(browser));
        assertEquals(account.login(), session(browser).at("/person/login").asText());
        assertEquals(200, open(browser, "/api/exercises").statusCode());
        assertTrue(
                accounts.byId(java.util.List.of(account.id())).get(account.id()).outside());
    }

    @Test
    void whoIsKnownStaysWhoTheyAreUnderAnotherName() throws Exception {
        landing(browser());
        provider.next = Map.of("sub", subject, "preferred_username", "renamed");
        HttpClient browser = browser();

        assertEquals("/", landing(browser));
        assertEquals(account.login(), session(browser).at("/person/login").asText());
    }

    @Test
    void anotherUnderTheSameNameIsRefusedUntilTheLeadLetsGo() throws Exception {
        landing(browser());
        provider.next = Map.of("sub", "somebody else " + made, "preferred_username", account.login());
        HttpClient other = browser();

        assertEquals("/sign-in?outside=other", landing(other));
        assertTrue(session(other).path("person").isMissingNode());
        accounts.forgetOutside(account.id());
        assertEquals("/", landing(browser()));
    }

    @Test
    void whoHasNoAccountOrNoneAnyMoreIsToldSo() throws Exception {
        provider.next = Map.of("sub", "nobody", "preferred_username", "nobody-here");
        HttpClient browser = browser();
        assertEquals("/sign-in?outside=unknown", landing(browser));
        assertEquals(401, open(browser, "/api/news").statusCode());

        accounts.disable(account.id(), true, new Person(-1, "lead", "Lead", Person.Role.LEAD, 0));
        provider.next = Map.of("sub", subject, "preferred_username", account.login());
        assertEquals("/sign-in?outside=disabled", landing(browser()));
    }

    @Test
    void whoCancelsComesBackToTheSignIn() throws Exception {
        provider.next = null;

        assertEquals("/sign-in?outside=cancelled", landing(browser()));
    }

    @Test
    void whatAnotherSignedIsNotBelieved() throws Exception {
        provider.forged = true;
        HttpClient browser = browser();

        assertEquals("/sign-in?outside=failed", landing(browser));
        assertTrue(session(browser).path("person").isMissingNode());
    }

    @Test
    void anAnswerThatNobodyAskedForSignsNobodyIn() throws Exception {
        HttpClient browser = browser();
        URI at = open(browser, "/login/oauth2/code/outside?code=x&state=y").uri();

        assertEquals("outside=failed", at.getQuery());
    }
}
