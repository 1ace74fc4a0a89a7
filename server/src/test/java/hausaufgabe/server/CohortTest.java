package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.course.Student;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** What is said of many submissions together: the weave, twins, and ways to miss the same. */
@ServerTest
class CohortTest {

    /** Large enough for its being like another to say something. */
    private static final String LARGE = Harbour.GOOD + """
            class Tally {
                private int count;
                int total(int[] parts) {
                    int sum = 0;
                    for (int p : parts) { sum = sum + p; }
                    if (sum > 100) { sum = 100; }
                    if (sum < 0) { sum = 0; }
                    count = count + 1;
                    int shown = sum * 2;
                    shown = shown + count;
                    System.out.println("total " + shown);
                    return shown;
                }
            }
            """;

    private static final String PICKS = Harbour.GOOD.replace(
            "Office(Fee fee) { this.fee = fee; }", "Office(String kind) { this.fee = new Flat(); }");

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession tutor;
    private Harbour.Place place;

    @BeforeEach
    void enrol() throws Exception {
        place = harbour.place(
                new Student(0, "1", "Fenja Kogge", "A"),
                new Student(0, "2", "Nis Bojer", "A"),
                new Student(0, "3", "Okke Priel", "A"));
        tutor = harbour.signedIn(http, "jonte");
    }

    private void handIn(int student, String text) throws Exception {
        http.perform(multipart("/api/exercises/" + place.exercise() + "/submissions")
                        .file(new MockMultipartFile(
                                "files", "Main.java", "text/plain", text.getBytes(StandardCharsets.UTF_8)))
                        .param(
                                "student",
                                String.valueOf(place.students().get(student).id()))
                        .session(tutor)
                        .with(csrf()))
                .andExpect(status().isCreated());
    }

    private ResultActions ask(String what) throws Exception {
        return http.perform(
                get("/api/exercises/" + place.exercise() + "/" + what).session(tutor));
    }

    @Test
    void theWeaveHasEveryClaimOfEverySubmissionAndLikesTogether() throws Exception {
        handIn(0, PICKS);
        handIn(1, Harbour.GOOD);
        handIn(2, PICKS);

        String weave = ask("weave")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();

        List<String> strokes = JsonPath.read(weave, "$.submissions[*].strokes");
        List<String> claims = JsonPath.read(weave, "$.claims[*].item");
        assertEquals(3, strokes.size());
        strokes.forEach(s -> assertEquals(claims.size(), s.length()));
        assertEquals(1, strokes.stream().filter(s -> !s.contains("x")).count(), strokes::toString);
        assertTrue(strokes.get(1).contains("x"), "the two that are alike are neighbours");
    }

    @Test
    void anEmptyExerciseHasAnEmptyWeaveAndNoTwins() throws Exception {
        ask("weave").andExpect(jsonPath("$.submissions", hasSize(0))).andExpect(jsonPath("$.claims", hasSize(0)));
        ask("twins").andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void twinsAreEqualButForTheirNames() throws Exception {
        handIn(0, LARGE);
        handIn(1, LARGE.replace("Tally", "Summe").replace("shown", "zahl").replace("Office", "Kontor"));
        handIn(2, LARGE.replace("sum > 100", "sum > 99"));

        ask("twins")
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].members[*].student.name", hasItem("Fenja Kogge")))
                .andExpect(jsonPath("$[0].members[*].student.name", hasItem("Nis Bojer")))
                .andExpect(jsonPath("$[0].members", hasSize(2)));
    }

    @Test
    void theSameMistakeIsToldApartByWhatIsThereInstead() throws Exception {
        handIn(0, PICKS);
        handIn(1, PICKS.replace("Office", "Kontor"));

        ask("alike")
                .andExpect(jsonPath("$.groups", hasSize(1)))
                .andExpect(jsonPath("$.groups[0].misses", hasSize(1)))
                .andExpect(jsonPath("$.groups[0].misses[0].count").value(2));
    }

    @Test
    void aRemarkToSeveralTakesEachOnesNames() throws Exception {
        handIn(0, PICKS);
        handIn(1, PICKS.replace("Office", "Kontor"));
        String alike = ask("alike").andReturn().getResponse().getContentAsString();
        List<Integer> ids = JsonPath.read(alike, "$.groups[0].members[*].submissionId");
        List<String> versions = JsonPath.read(alike, "$.groups[0].members[*].version");

        http.perform(post("/api/exercises/" + place.exercise() + "/answers")
                        .session(tutor)
                        .with(csrf())
                        .contentType("application/json")
                        .content("""
                                {"submissions":[{"submission":%d,"version":"%s"},{"submission":%d,"version":"%s"}],
                                 "remark":"{Context} makes its own {Strategy}; {Captain} should hand it in.","settle":false}
                                """.formatted(ids.get(0), versions.get(0), ids.get(1), versions.get(1))))
                .andExpect(status().isCreated());

        for (int id : ids) {
            String page = http.perform(get("/api/submissions/" + id).session(tutor))
                    .andExpect(jsonPath("$.review.feedback", containsString("the captain should hand it in.")))
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            String context = JsonPath.read(page, "$.report.roles.Context[0]");
            String feedback = JsonPath.read(page, "$.review.feedback");
            assertEquals("`" + context + "` makes its own `Fee`", feedback.substring(0, feedback.indexOf(';')));
        }
    }

    @Test
    void theExercisesOwnSolutionIsThereToCompareWith() throws Exception {
        ask("models").andExpect(status().isOk()).andExpect(jsonPath("$", hasSize(0)));
        ask("models/solution-none").andExpect(status().isNotFound());
    }
}
