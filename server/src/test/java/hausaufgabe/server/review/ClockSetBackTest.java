package hausaufgabe.server.review;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerTest;
import hausaufgabe.server.course.Student;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The server's clock is set back by a day while people mark: what was written last counts, and all of it is kept. */
@ServerTest
@Import(ClockSetBackTest.Clocks.class)
class ClockSetBackTest {

    /** A clock that can be set. */
    static final class Set extends Clock {

        private volatile Duration off = Duration.ZERO;

        @Override
        public ZoneId getZone() {
            return ZoneId.systemDefault();
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return Clock.offset(Clock.system(zone), off);
        }

        @Override
        public Instant instant() {
            return Instant.now().plus(off);
        }
    }

    @TestConfiguration
    static class Clocks {
        @Bean
        @Primary
        Set settable() {
            return new Set();
        }
    }

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Set clock;

    private Harbour.Place place;
    private MockHttpSession lead;
    private long submission;

    @BeforeEach
    void handedIn() throws Exception {
        place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"));
        lead = harbour.signedIn(http, "maike");
        submission = harbour.handedIn(http, lead, place);
    }

    @AfterEach
    void right() {
        clock.off = Duration.ZERO;
    }

    private String body(String address) throws Exception {
        return http.perform(get(address).session(lead))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private void send(MockHttpServletRequestBuilder request, String json) throws Exception {
        http.perform(request.session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content(json))
                .andExpect(status().is2xxSuccessful());
    }

    private void points(String points) throws Exception {
        String version = JsonPath.read(body("/api/submissions/" + submission), "$.review.version");
        send(
                put("/api/submissions/" + submission + "/points?item=requirement:delegates")
                        .header("If-Match", version),
                "{\"points\":" + points + ",\"reason\":\"at the clock\"}");
    }

    private Object cell(String what) throws Exception {
        return JsonPath.read(body("/api/courses/" + place.course() + "/grades"), "$.lines[0].cells[0]." + what);
    }

    @Test
    void whatWasWrittenLastCountsThoughItsTimeIsEarlier() throws Exception {
        points("0.25");
        Object before = cell("points");
        clock.off = Duration.ofDays(-1);
        points("1.25");

        assertEquals(1.0, (Double) cell("points") - (Double) before);
        List<String> after =
                JsonPath.read(body("/api/submissions/" + submission), "$.review.history[?(@.what == 'POINTS')].after");
        // the newest first, as it was written
        assertEquals(List.of("1.25", "0.25"), after);
        // a later attempt counts though its time is earlier, and settling and giving back go their way
        submission = harbour.handedIn(http, lead, place);
        assertEquals(2, cell("attempt"));
        String version = JsonPath.read(body("/api/submissions/" + submission), "$.review.version");
        send(
                put("/api/submissions/" + submission + "/settled").header("If-Match", version),
                "{\"settled\":true,\"open\":true}");
        send(post("/api/exercises/" + place.exercise() + "/returned"), "{\"groups\":[]}");
        assertEquals("RETURNED", cell("state"));
    }
}
