package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.actuate.observability.AutoConfigureObservability;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;

/** How the server is, for those who look after it; and that it tells nothing else. */
@ServerTest
@AutoConfigureObservability(tracing = false)
@ExtendWith(OutputCaptureExtension.class)
class WatchTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession lead;

    @BeforeEach
    void signIn() throws Exception {
        harbour.open();
        lead = harbour.signedIn(http, "maike");
    }

    @Test
    void healthIsAWordForEverybodyAndMoreForThoseWithTheDuty() throws Exception {
        http.perform(get("/api/watch/health"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.status").exists())
                .andExpect(jsonPath("$.components").doesNotExist());
        http.perform(get("/api/watch/health").session(lead))
                .andExpect(jsonPath("$.components.db.status").value("UP"))
                .andExpect(jsonPath("$.components.diskSpace").exists())
                .andExpect(jsonPath("$.components.sandbox.status").exists());
    }

    @Test
    void measuresAreForThoseWithTheDutyAndTheirPrograms() throws Exception {
        http.perform(get("/api/watch/prometheus")).andExpect(status().isUnauthorized());
        http.perform(get("/api/watch/prometheus").session(harbour.signedIn(http, "jonte")))
                .andExpect(status().isForbidden());
        String token = JsonPath.read(
                http.perform(post("/api/session/tokens")
                                .session(lead)
                                .with(csrf())
                                .contentType("application/json")
                                .content("{\"label\":\"the lighthouse\",\"scopes\":[\"WATCH\"]}"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.secret");

        http.perform(get("/api/watch/prometheus").header("Authorization", "Bearer " + token))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("hausaufgabe_checks_waiting")))
                .andExpect(content().string(containsString("http_server_requests_seconds")))
                .andExpect(content().string(containsString("jvm_memory_used_bytes")));
        http.perform(get("/api/watch/env").session(lead)).andExpect(status().isNotFound());
    }

    @Test
    void nothingOfCodeOrPasswordsIsLogged(CapturedOutput output) throws Exception {
        harbour.handIn(
                http,
                lead,
                harbour.student("1").id(),
                "Main.java",
                "class OnlyInThisProgram { int x = ; } // unlikelyWord".getBytes(StandardCharsets.UTF_8));
        harbour.signedIn(http, "maike", "aWrongPasswordOfHers");

        assertFalse(output.getAll().contains("OnlyInThisProgram {"), "code is logged");
        assertFalse(output.getAll().contains("unlikelyWord"), "code is logged");
        assertFalse(output.getAll().contains("aWrongPasswordOfHers"), "a password is logged");
        assertTrue(output.getAll().contains("all checks are done"), "the log was not captured");
    }
}
