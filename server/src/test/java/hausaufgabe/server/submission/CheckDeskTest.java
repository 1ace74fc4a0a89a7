package hausaufgabe.server.submission;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerTest;
import hausaufgabe.server.course.Student;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** The queue of checks, on real records. */
@ServerTest
class CheckDeskTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private CheckDesk desk;

    @Autowired
    private JdbcTemplate records;

    private MockHttpSession lead;
    private Harbour.Place place;

    @BeforeEach
    void open() throws Exception {
        place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"), new Student(0, "2", "Nis Bojer", "A"));
        lead = harbour.signedIn(http, "maike");
    }

    private String queue() {
        return "/api/exercises/" + place.exercise() + "/queue";
    }

    private ResultActions holdBack(boolean paused) throws Exception {
        return http.perform(put(queue() + "/paused")
                .session(lead)
                .with(csrf())
                .contentType("application/json")
                .content("{\"paused\":" + paused + "}"));
    }

    private ResultActions state(long submission, String expected) throws Exception {
        return http.perform(get("/api/submissions/" + submission).session(lead))
                .andExpect(jsonPath("$.state").value(expected));
    }

    private int jobs(long submission) {
        return records.queryForObject("select count(*) from job where submission_id = ?", Integer.class, submission);
    }

    private int runs(long submission) {
        return records.queryForObject(
                "select count(*) from check_run where submission_id = ?", Integer.class, submission);
    }

    @Test
    void whatIsCheckedIsNoLongerInTheQueue() throws Exception {
        long submission = harbour.handedIn(http, lead, place);

        state(submission, "CHECKED");
        assertEquals(0, jobs(submission));
        assertEquals(1, runs(submission));
        http.perform(get(queue()).session(lead))
                .andExpect(jsonPath("$.waiting").value(0))
                .andExpect(jsonPath("$.paused").value(false));
    }

    @Test
    void whatIsHeldBackIsCheckedOnceItMayGoOn() throws Exception {
        holdBack(true).andExpect(jsonPath("$.paused").value(true));
        long submission = harbour.handedIn(http, lead, place);
        state(submission, "QUEUED");
        http.perform(get(queue()).session(lead)).andExpect(jsonPath("$.waiting").value(1));

        holdBack(false).andExpect(jsonPath("$.waiting").value(0));

        state(submission, "CHECKED");
    }

    @Test
    void whatIsCalledOffIsNotCheckedAndCanBeLater() throws Exception {
        holdBack(true);
        long submission = harbour.handedIn(http, lead, place);

        http.perform(delete(queue()).session(lead).with(csrf()))
                .andExpect(jsonPath("$.waiting").value(0));
        state(submission, "FAILED").andExpect(jsonPath("$.failure", containsString("Maike Thiede called")));
        assertEquals(0, jobs(submission));
        holdBack(false);
        assertEquals(0, runs(submission));

        http.perform(post("/api/submissions/" + submission + "/check")
                        .session(lead)
                        .with(csrf()))
                .andExpect(status().isAccepted());
        state(submission, "CHECKED");
    }

    @Test
    void whatWasBegunWhenTheServerWasKilledIsCheckedOnceAfterwards() throws Exception {
        long submission = harbour.handedIn(http, lead, place);
        // as a killed server leaves it: begun and not over, its earlier check still there
        records.update("update submission set state = 'RUNNING' where id = ?", submission);
        records.update(
                "insert into job (submission_id, queued_at, tries, anew) values (?, current_timestamp, 1, false)",
                submission);

        desk.resume();
        desk.resume();

        state(submission, "CHECKED");
        assertEquals(0, jobs(submission));
        assertEquals(2, runs(submission));
    }

    @Test
    void whatBroughtTheServerDownTooOftenIsSetAsideAndHoldsNothingUp() throws Exception {
        long submission = harbour.handedIn(http, lead, place);
        records.update("update submission set state = 'RUNNING' where id = ?", submission);
        records.update(
                "insert into job (submission_id, queued_at, tries, anew) values (?, current_timestamp, 5, false)",
                submission);

        desk.resume();

        state(submission, "FAILED").andExpect(jsonPath("$.failure", containsString("set aside")));
        assertEquals(0, jobs(submission));
        state(harbour.handedIn(http, lead, place), "CHECKED");
    }

    @Test
    void everythingIsCheckedAgainOnceAndNotWhatIsCheckedAlready() throws Exception {
        List<Long> all = List.of(harbour.handedIn(http, lead, place), harbour.handedIn(http, lead, place));

        desk.check(all, true);

        for (long submission : all) {
            state(submission, "CHECKED");
            assertEquals(2, runs(submission));
        }
    }
}
