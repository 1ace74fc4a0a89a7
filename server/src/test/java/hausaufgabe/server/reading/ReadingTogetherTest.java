package hausaufgabe.server.reading;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerTest;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Who reads whose work, second readings, and whether tutors mark alike. */
@ServerTest
class ReadingTogetherTest {

    private static final String DELEGATES = "requirement:delegates";

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Staffing staffing;

    private Harbour.Place place;
    private MockHttpSession lead;
    private MockHttpSession jonte;
    private MockHttpSession inken;
    private long maikeId;
    private long jonteId;
    private long inkenId;
    private final List<Long> submissions = new ArrayList<>();

    @BeforeEach
    void fourHaveHandedIn() throws Exception {
        place = harbour.place(
                new Student(0, "1", "Fenja Kogge", "A"),
                new Student(0, "2", "Tjark Bojer", "A"),
                new Student(0, "3", "Wiebke Sandvik", "B"),
                new Student(0, "4", "Silja Priel", "B"));
        lead = harbour.signedIn(http, "maike");
        jonte = harbour.signedIn(http, "jonte");
        String login = "inken" + UUID.randomUUID().toString().substring(0, 8);
        inkenId = accounts.create(login, "Inken Bojer", "nordhafen", Person.Role.TUTOR)
                .id();
        staffing.give(place.course(), inkenId, Duty.TUTOR);
        inken = harbour.signedIn(http, login);
        for (Staffing.Member m : staffing.of(place.course())) {
            maikeId = m.name().startsWith("Maike") ? m.account() : maikeId;
            jonteId = m.name().startsWith("Jonte") ? m.account() : jonteId;
        }
        for (Student s : place.students()) {
            submissions.add(harbour.handedIn(http, lead, place, s));
        }
    }

    private String exercise() {
        return "/api/exercises/" + place.exercise();
    }

    private ResultActions ask(MockHttpSession who, String address) throws Exception {
        return http.perform(get(address).session(who));
    }

    private ResultActions send(MockHttpSession who, MockHttpServletRequestBuilder request, String json)
            throws Exception {
        return http.perform(request.session(who)
                .with(csrf())
                .contentType("application/json")
                .content(json));
    }

    private ResultActions mark(MockHttpSession who, long submission, String what, String item, String json)
            throws Exception {
        String version = JsonPath.read(
                ask(who, "/api/submissions/" + submission)
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.review.version");
        return send(
                who,
                put("/api/submissions/" + submission + "/" + what)
                        .param("item", item)
                        .header("If-Match", '"' + version + '"'),
                json);
    }

    private void settle(MockHttpSession who, long submission) throws Exception {
        mark(who, submission, "settled", "", "{\"settled\":true,\"open\":true}").andExpect(status().isOk());
    }

    private <T> T read(MockHttpSession who, String address, String path) throws Exception {
        return JsonPath.read(ask(who, address).andReturn().getResponse().getContentAsString(), path);
    }

    private String readers(long... accounts) {
        StringBuilder all = new StringBuilder();
        for (long a : accounts) {
            all.append(all.isEmpty() ? "" : ",").append(a);
        }
        return "\"readers\":[" + all + "]";
    }

    @Test
    void workIsSharedOutEvenlyAndHandedOver() throws Exception {
        send(lead, post(exercise() + "/readers"), "{\"way\":\"EVENLY\",\"readers\":[]}")
                .andExpect(status().isUnprocessableEntity());
        send(lead, post(exercise() + "/readers"), "{\"way\":\"EVENLY\"," + readers(jonteId, inkenId) + "}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.stack").value(0))
                .andExpect(jsonPath("$.shares[?(@.account == " + jonteId + ")].given")
                        .value(2))
                .andExpect(jsonPath("$.shares[?(@.account == " + inkenId + ")].open")
                        .value(2));
        send(lead, post(exercise() + "/readers"), "{\"way\":\"EVENLY\"," + readers(jonteId) + "}")
                .andExpect(status().isConflict());

        int own = this.<List<Integer>>read(
                        jonte, exercise() + "/readers", "$.work[?(@.account == " + jonteId + ")].student")
                .get(0);
        String to = exercise() + "/readers/" + own;
        send(inken, put(to), "{\"from\":" + jonteId + ",\"to\":" + inkenId + "}")
                .andExpect(status().isForbidden());
        send(jonte, put(to), "{\"from\":" + jonteId + ",\"to\":" + inkenId + "}")
                .andExpect(jsonPath("$.shares[?(@.account == " + inkenId + ")].given")
                        .value(3));
        // who has not seen that does not give it away again
        send(lead, put(to), "{\"from\":" + jonteId + ",\"to\":null}").andExpect(status().isPreconditionFailed());

        ask(jonte, "/api/courses/" + place.course() + "/grades")
                .andExpect(jsonPath("$.lines[?(@.student.id == " + own + ")].cells[0].reader")
                        .value("Inken Bojer"));
        ask(lead, "/api/courses/" + place.course() + "/history?what=READER")
                .andExpect(jsonPath("$.lines[0].before").value("Jonte Harmsdeich"))
                .andExpect(jsonPath("$.lines[0].after").value("Inken Bojer"))
                .andExpect(jsonPath("$.lines[1].after").value(containsString("shared out evenly: ")));
    }

    @Test
    void aGroupGoesToWhoeverLooksAfterIt() throws Exception {
        staffing.lookAfter(place.course(), jonteId, List.of("A"));

        send(lead, post(exercise() + "/readers"), "{\"way\":\"BY_GROUP\"," + readers(jonteId, inkenId) + "}")
                .andExpect(jsonPath("$.stack").value(2))
                .andExpect(jsonPath("$.work[?(@.account == " + jonteId + ")].group")
                        .value(org.hamcrest.Matchers.everyItem(org.hamcrest.Matchers.is("A"))));
        ask(jonte, exercise() + "/grades").andExpect(jsonPath("$.rows[?(@.mine == true)]", hasSize(2)));
    }

    @Test
    void twoWhoTakeFromTheStackAtOnceNeverTakeTheSame() throws Exception {
        Set<Integer> taken = new TreeSet<>();
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            List<Callable<Integer>> takes = new ArrayList<>();
            for (MockHttpSession who : List.of(jonte, inken, jonte, inken)) {
                takes.add(() -> JsonPath.read(
                        send(who, post(exercise() + "/readers/next"), "")
                                .andReturn()
                                .getResponse()
                                .getContentAsString(),
                        "$.submission"));
            }
            for (Future<Integer> f : both.invokeAll(takes)) {
                taken.add(f.get());
            }
        } finally {
            both.shutdown();
        }
        assertEquals(4, taken.size());
        send(jonte, post(exercise() + "/readers/next"), "")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail").value(containsString("Nothing is left")));
    }

    /** Jonte settles all; the lead has all of it read twice, among which one is Inken's. */
    private long drawn() throws Exception {
        for (long s : submissions) {
            settle(jonte, s);
        }
        send(lead, post(exercise() + "/second"), "{\"percent\":100}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.lines", hasSize(4)))
                .andExpect(jsonPath("$.lines[?(@.reader == 'Jonte Harmsdeich')]", hasSize(0)))
                .andExpect(jsonPath("$.lines[?(@.reader == 'Inken Bojer')]", hasSize(2)));
        return this.<List<Integer>>read(
                        lead, exercise() + "/second", "$.lines[?(@.reader == 'Inken Bojer')].submission")
                .get(0);
    }

    @Test
    void whatIsReadTwiceIsReadBlind() throws Exception {
        mark(jonte, submissions.get(0), "feedback", "", "{\"text\":\"Well done.\"}")
                .andExpect(status().isOk());
        long twice = drawn();
        String address = "/api/submissions/" + twice;

        ask(inken, address)
                .andExpect(jsonPath("$.review.second.blind").value(true))
                .andExpect(jsonPath("$.review.second.first").doesNotExist())
                .andExpect(jsonPath("$.review.settledBy").doesNotExist())
                .andExpect(jsonPath("$.review.feedback").value(""))
                .andExpect(jsonPath("$.review.history", hasSize(0)));
        ask(inken, address + "/as-student").andExpect(status().isConflict());
        ask(inken, "/api/courses/" + place.course() + "/grades")
                .andExpect(jsonPath("$.lines[*].cells[?(@.submission == " + twice + ")].state")
                        .value("HIDDEN"))
                .andExpect(jsonPath("$.lines[*].cells[?(@.submission == " + twice + ")].points")
                        .isEmpty());
        ask(inken, "/api/courses/" + place.course() + "/history")
                .andExpect(jsonPath("$.lines[?(@.submission == " + twice + ")]", hasSize(0)));
        ask(jonte, address).andExpect(jsonPath("$.review.second").doesNotExist());

        // what the second gives stands beside what counts, and feedback is not theirs
        mark(inken, twice, "points", DELEGATES, "{\"points\":1,\"reason\":\"Too little.\"}")
                .andExpect(jsonPath("$.decisions[0].points").value(1.0));
        mark(inken, twice, "feedback", "", "{\"text\":\"Mine.\"}").andExpect(status().isConflict());
        ask(jonte, address)
                .andExpect(jsonPath("$.review.decisions", hasSize(0)))
                .andExpect(jsonPath("$.review.settledBy").value("Jonte Harmsdeich"));
    }

    @Test
    void whereTwoDifferTheLeadSettlesIt() throws Exception {
        long twice = drawn();
        String sheet = "/api/courses/" + place.course() + "/grades";
        String state = "$.lines[*].cells[?(@.submission == " + twice + ")].state";
        ask(lead, sheet).andExpect(jsonPath(state).value("READING_TWICE"));
        ask(lead, exercise() + "/returned").andExpect(jsonPath("$.ready").value(0));
        mark(inken, twice, "points", DELEGATES, "{\"points\":1,\"reason\":\"Too little.\"}");
        // some questions nobody can answer here but a person, and each is answered
        for (String open : this.<List<String>>read(
                inken, "/api/submissions/" + twice, "$.report.scenarios[?(@.outcome == 'BLOCKED')].name")) {
            mark(inken, twice, "points", "scenario:" + open, "{\"points\":0,\"reason\":\"Not run.\"}");
        }
        mark(inken, twice, "settled", "", "{\"settled\":true}").andExpect(status().isOk());

        ask(lead, sheet).andExpect(jsonPath(state).value("DIFFERING"));
        String line = "$.lines[?(@.submission == " + twice + ")]";
        ask(lead, exercise() + "/second")
                .andExpect(jsonPath(line + ".differing[0].item").value(DELEGATES))
                .andExpect(jsonPath(line + ".differing[0].second.reason").value("Too little."));
        ask(lead, exercise() + "/returned")
                .andExpect(jsonPath("$.notReady[?(@.submission == " + twice + ")].why")
                        .value("Two have read it, and differ."));
        int reading = this.<List<Integer>>read(lead, exercise() + "/second", line + ".id")
                .get(0);
        String version = this.<List<String>>read(lead, exercise() + "/second", line + ".version")
                .get(0);
        MockHttpServletRequestBuilder settlement =
                put(exercise() + "/second/" + reading).param("item", DELEGATES);
        send(jonte, settlement.header("If-Match", version), "{\"points\":2,\"reason\":\"Between.\"}")
                .andExpect(status().isForbidden());
        send(
                        lead,
                        put(exercise() + "/second/" + reading)
                                .param("item", DELEGATES)
                                .header("If-Match", "new"),
                        "{\"points\":2,\"reason\":\"Between.\"}")
                .andExpect(status().isPreconditionFailed());
        for (String item : this.<List<String>>read(lead, exercise() + "/second", line + ".differing[*].item")) {
            String now = this.<List<String>>read(lead, exercise() + "/second", line + ".version")
                    .get(0);
            send(
                            lead,
                            put(exercise() + "/second/" + reading)
                                    .param("item", item)
                                    .header("If-Match", now),
                            "{\"points\":" + (item.equals(DELEGATES) ? 2 : 0) + ",\"reason\":\"Between.\"}")
                    .andExpect(status().isOk());
        }
        assertNotEquals(
                version,
                this.<List<String>>read(lead, exercise() + "/second", line + ".version")
                        .get(0));
        ask(lead, sheet).andExpect(jsonPath(state).value("READ_TWICE"));
        ask(jonte, "/api/submissions/" + twice)
                .andExpect(jsonPath("$.review.decisions[?(@.item == '" + DELEGATES + "')].points")
                        .value(2.0))
                .andExpect(jsonPath("$.review.history[?(@.what == 'SECOND')]", hasSize(1)));
        ask(lead, exercise() + "/returned").andExpect(jsonPath("$.ready").value(1));
    }

    @Test
    void whatNobodyHasReadIsCalledOff() throws Exception {
        drawn();
        send(lead, post(exercise() + "/second"), "{\"percent\":100}").andExpect(status().isConflict());
        send(inken, delete(exercise() + "/second"), "").andExpect(status().isForbidden());
        send(lead, delete(exercise() + "/second"), "").andExpect(jsonPath("$.lines", hasSize(0)));
        ask(lead, exercise() + "/returned").andExpect(jsonPath("$.ready").value(4));
    }

    @Test
    void whoGivesOtherPointsInLikeCasesIsAskedWhy() throws Exception {
        for (int i = 0; i < 4; i++) {
            if (i == 3) {
                mark(inken, submissions.get(i), "points", DELEGATES, "{\"points\":0,\"reason\":\"No.\"}");
            }
            settle(i == 3 ? inken : jonte, submissions.get(i));
        }
        ask(lead, exercise() + "/evenness")
                .andExpect(jsonPath("$.tutors", hasSize(2)))
                .andExpect(jsonPath("$.tutors[1].points", hasSize(3)))
                .andExpect(jsonPath("$.cases", hasSize(1)))
                .andExpect(jsonPath("$.cases[0].asks")
                        .value("Inken Bojer gave 0 of 3 in one case, the others 3 in 3 cases. Is there a reason?"));
    }
}
