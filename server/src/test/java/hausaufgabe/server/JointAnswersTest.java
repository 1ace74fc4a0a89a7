package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.DocumentContext;
import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.course.Student;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Submissions with the same mistakes, answered at once. */
@ServerTest
class JointAnswersTest {

    /** Decides by a number what others would leave to a strategy. */
    private static final String SWITCH =
            "class Office { double bill(int kind, double m) { return kind == 1 ? m * 2 : 7; } }";

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private Harbour.Place place;
    private MockHttpSession lead;
    private List<Long> wrong;
    private long right;

    @BeforeEach
    void open() throws Exception {
        harbour.open();
        lead = harbour.signedIn(http, "maike");
        place = harbour.place(
                new Student(0, "1", "Fenja Kogge", "A"),
                new Student(0, "2", "Onno Krabbe", "A"),
                new Student(0, "3", "Tjark Luv", "B"),
                new Student(0, "4", "Wiebke Lee", "B"));
        wrong = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            wrong.add(handIn(i, SWITCH));
        }
        right = handIn(3, Harbour.GOOD);
    }

    private long handIn(int student, String source) throws Exception {
        String body = http.perform(multipart("/api/exercises/" + place.exercise() + "/submissions")
                        .file(new MockMultipartFile(
                                "files", "Main.java", "text/plain", source.getBytes(StandardCharsets.UTF_8)))
                        .param(
                                "student",
                                String.valueOf(place.students().get(student).id()))
                        .session(lead)
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return ((Number) JsonPath.read(body, "$.id")).longValue();
    }

    private String address(String more) {
        return "/api/exercises/" + place.exercise() + more;
    }

    private DocumentContext read(String address) throws Exception {
        return JsonPath.parse(http.perform(get(address).session(lead))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
    }

    private ResultActions send(MockHttpServletRequestBuilder request, String json) throws Exception {
        return http.perform(request.session(lead)
                .with(csrf())
                .contentType("application/json")
                .content(json));
    }

    private String version(long submission) throws Exception {
        return read("/api/submissions/" + submission).read("$.review.version");
    }

    /** An answer to all that are wrong, as they are now. */
    private String toAll(String points, boolean settle) throws Exception {
        List<String> those = new ArrayList<>();
        for (long id : wrong) {
            those.add("{\"submission\":" + id + ",\"version\":\"" + version(id) + "\"}");
        }
        return "{\"submissions\":[" + String.join(",", those) + "],\"remark\":\"Let the *Fee* decide.\",\"points\":{"
                + points + "},\"settle\":" + settle + "}";
    }

    private static long id(ResultActions given) throws Exception {
        return ((Number) JsonPath.read(given.andReturn().getResponse().getContentAsString(), "$.id")).longValue();
    }

    @Test
    void theSameMistakesStandTogetherTheMostCommonFirst() throws Exception {
        DocumentContext alike = read(address("/alike"));

        assertEquals(2, alike.<Integer>read("$.groups.length()"));
        assertEquals(
                List.of("Fenja Kogge", "Onno Krabbe", "Tjark Luv"), alike.read("$.groups[0].members[*].student.name"));
        assertTrue(alike.<Integer>read("$.groups[0].mistakes.length()") > 0);
        assertEquals(0, alike.<Integer>read("$.groups[1].mistakes.length()"));
        assertEquals((int) right, alike.<Integer>read("$.groups[1].members[0].submissionId"));
    }

    @Test
    void oneAnswerReachesAllAndIsTakenBackFromAll() throws Exception {
        long first = wrong.get(0);
        send(
                put("/api/submissions/" + first + "/feedback").header("If-Match", "\"new\""),
                "{\"text\":\"Well named.\"}");
        String item = read(address("/alike")).read("$.groups[0].mistakes[0].item");
        double before = read("/api/submissions/" + first).read("$.review.points");

        long answer = id(send(post(address("/answers")), toAll("\"" + item + "\":0.5", true))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.answered.length()").value(3))
                .andExpect(jsonPath("$.leftOut.length()").value(0)));

        DocumentContext given = read("/api/submissions/" + first);
        assertEquals("Well named.\n\nLet the *Fee* decide.", given.read("$.review.feedback"));
        assertEquals(before + 0.5, given.<Double>read("$.review.points"));
        assertEquals("Let the *Fee* decide.", given.read("$.review.decisions[0].reason"));
        assertEquals("Maike Thiede", given.read("$.review.settledBy"));

        send(delete(address("/answers/" + answer)), "{}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.answered.length()").value(3));
        DocumentContext back = read("/api/submissions/" + first);
        assertEquals("Well named.", back.read("$.review.feedback"));
        assertEquals(before, back.<Double>read("$.review.points"));
        assertEquals(0, back.<Integer>read("$.review.decisions.length()"));
        assertFalse(back.<Map<String, Object>>read("$.review").containsKey("settledBy"));
        send(delete(address("/answers/" + answer)), "{}").andExpect(status().isConflict());
    }

    @Test
    void whatSomebodyChangedMeanwhileIsLeftAsItIsBothWays() throws Exception {
        String all = toAll("", false);
        long first = wrong.get(0);
        long second = wrong.get(1);
        send(put("/api/submissions/" + first + "/feedback").header("If-Match", "\"new\""), "{\"text\":\"Mine.\"}");

        long answer = id(send(post(address("/answers")), all)
                .andExpect(jsonPath("$.answered.length()").value(2))
                .andExpect(jsonPath("$.leftOut[0]").value(first)));
        send(
                put("/api/submissions/" + second + "/feedback").header("If-Match", "\"" + version(second) + "\""),
                "{\"text\":\"Rewritten.\"}");
        send(delete(address("/answers/" + answer)), "{}")
                .andExpect(jsonPath("$.answered[0]").value(wrong.get(2)))
                .andExpect(jsonPath("$.leftOut[0]").value(second));

        assertEquals("Mine.", read("/api/submissions/" + first).read("$.review.feedback"));
        assertEquals("Rewritten.", read("/api/submissions/" + second).read("$.review.feedback"));
        assertEquals("", read("/api/submissions/" + wrong.get(2)).read("$.review.feedback"));
    }

    @Test
    void anAnswerThatCannotBeGivenChangesNothing() throws Exception {
        String item = read(address("/alike")).read("$.groups[0].mistakes[0].item");

        send(post(address("/answers")), toAll("", false).replace("Let the *Fee* decide.", " "))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("Nothing was changed")));
        send(post(address("/answers")), toAll("\"" + item + "\":99", false))
                .andExpect(status().isUnprocessableEntity());
        long elsewhere = harbour.handedIn(http, lead, harbour.place(new Student(0, "9", "Elske Bo", "A")));
        send(
                        post(address("/answers")),
                        "{\"submissions\":[{\"submission\":" + elsewhere
                                + ",\"version\":\"new\"}],\"remark\":\"x\",\"settle\":false}")
                .andExpect(status().isNotFound());

        for (long id : wrong) {
            assertEquals("", read("/api/submissions/" + id).read("$.review.feedback"));
        }
    }
}
