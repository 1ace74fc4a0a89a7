package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.Lateness;
import hausaufgabe.server.course.Student;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The grades of a whole course: the sheet, how it is reckoned, excuses, and the history of it all. */
@ServerTest
class CourseGradesTest {

    private static final String NUMBERS =
            "[{\"from\":90,\"grade\":\"1.0\",\"passes\":true},{\"from\":0,\"grade\":\"5.0\",\"passes\":false}]";

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private Harbour.Place place;
    private MockHttpSession lead;
    private MockHttpSession tutor;
    private long submission;

    @BeforeEach
    void open() throws Exception {
        place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"), new Student(0, "2", "Wiebke Sandvik", "B"));
        lead = harbour.signedIn(http, "maike");
        tutor = harbour.signedIn(http, "jonte");
        submission = harbour.handedIn(http, lead, place);
    }

    private String course() {
        return "/api/courses/" + place.course();
    }

    private ResultActions sheet() throws Exception {
        return http.perform(get(course() + "/grades").session(tutor));
    }

    private ResultActions send(MockHttpServletRequestBuilder request, String json, String version) throws Exception {
        return http.perform(request.session(lead)
                .with(csrf())
                .header("If-Match", '"' + version + '"')
                .contentType("application/json")
                .content(json));
    }

    @Test
    void whatIsMissingInASchemeIsNamed() throws Exception {
        send(put(course() + "/scheme"), scheme("1", "").replace("\"places\":1,", ""), "none")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("“places” is missing")));
    }

    private String scheme(String weight, String exercises) {
        return "{\"places\":1,\"rounding\":\"NEAREST\",\"steps\":" + NUMBERS
                + ",\"parts\":[{\"title\":\"Weekly\",\"weight\":" + weight + ",\"exercises\":[" + exercises + "]}]}";
    }

    @Test
    void everyExerciseOfEveryStudentAndWhatTheyComeTo() throws Exception {
        sheet().andExpect(jsonPath("$.columns[0].title").value("What a berth costs"))
                .andExpect(jsonPath("$.columns[0].due").value(false))
                .andExpect(jsonPath("$.scheme.written").value(false))
                .andExpect(jsonPath("$.lines[0].cells[0].submission").value(submission))
                .andExpect(jsonPath("$.lines[0].grade.percent").exists())
                // nothing handed in, and still time
                .andExpect(jsonPath("$.lines[1].cells", hasSize(0)))
                .andExpect(jsonPath("$.lines[1].grade.percent").doesNotExist());

        send(put("/api/submissions/" + submission + "/settled"), "{\"settled\":true,\"open\":true}", "new")
                .andExpect(status().isOk());
        sheet().andExpect(jsonPath("$.lines[0].cells[0].state").value("SETTLED"));
    }

    @Test
    void itIsToldWhenWorkCameAndWhenItWasSettled() throws Exception {
        http.perform(get(course() + "/pace").session(tutor))
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].work[0].handedInAt").exists())
                .andExpect(jsonPath("$[0].work[0].settledAt").doesNotExist());
        send(put("/api/submissions/" + submission + "/settled"), "{\"settled\":true,\"open\":true}", "new")
                .andExpect(status().isOk());
        // only the last attempt is waited for
        harbour.handedIn(http, lead, place);
        http.perform(get(course() + "/pace").session(tutor))
                .andExpect(jsonPath("$[0].work", hasSize(1)))
                .andExpect(jsonPath("$[0].work[0].settledAt").doesNotExist());
    }

    @Test
    void oneStudentCanBeAskedFor() throws Exception {
        http.perform(get(course() + "/grades")
                        .param("student", String.valueOf(place.students().get(1).id()))
                        .session(tutor))
                .andExpect(jsonPath("$.lines", hasSize(1)))
                .andExpect(jsonPath("$.lines[0].student.name").value("Wiebke Sandvik"));
    }

    @Test
    void whatIsDueAndNotThereIsNothing() throws Exception {
        harbour.change(
                place,
                Harbour.settings(
                        "2020-01-01T20:00",
                        Lateness.NONE,
                        ExerciseSettings.Attempts.ANY,
                        ExerciseSettings.Shown.NOTHING));

        sheet().andExpect(jsonPath("$.columns[0].due").value(true))
                .andExpect(jsonPath("$.lines[0].cells[0].late").value(true))
                .andExpect(jsonPath("$.lines[1].grade.percent").value(0.0));
    }

    @Test
    void pointsThatAreChangedAreInTheSheet() throws Exception {
        double before = points();
        send(
                        put("/api/submissions/" + submission + "/points").param("item", "requirement:delegates"),
                        "{\"points\":0.5,\"reason\":\"Hardly.\"}",
                        "new")
                .andExpect(status().isOk());

        assertEquals(before - 2.5, points());
    }

    private double points() throws Exception {
        return JsonPath.<Number>read(
                        sheet().andReturn().getResponse().getContentAsString(), "$.lines[0].cells[0].points")
                .doubleValue();
    }

    @Test
    void theSheetGoesOutAsCsv() throws Exception {
        http.perform(get(course() + "/grades.csv").param("comma", "true").session(tutor))
                .andExpect(content().contentType("text/csv;charset=UTF-8"))
                .andExpect(
                        content().string(containsString("number,name,group,1 What a berth costs,percent,grade,passed")))
                .andExpect(content().string(containsString("2,Wiebke Sandvik,B,,,,")));
    }

    @Test
    void theLeadSaysHowItIsReckoned() throws Exception {
        send(put(course() + "/scheme"), scheme("0", "" + place.exercise()), "none")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("needs a weight above 0")));
        send(put(course() + "/scheme"), scheme("1", "987654"), "none").andExpect(status().isUnprocessableEntity());
        send(put(course() + "/scheme"), scheme("1", "" + place.exercise()), "none")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version").value("0"));
        // whoever has not seen that does not write over it
        send(put(course() + "/scheme"), scheme("2", "" + place.exercise()), "none")
                .andExpect(status().isPreconditionFailed());

        sheet().andExpect(jsonPath("$.lines[0].grade.grade").exists())
                .andExpect(jsonPath("$.scheme.scheme.parts[0].title").value("Weekly"));
    }

    @Test
    void whoIsExcusedIsNeitherHelpedNorHurt() throws Exception {
        String excuse = "/api/exercises/" + place.exercise() + "/excuses/"
                + place.students().get(0).id();
        send(put(excuse), "{\"reason\":\" \"}", "").andExpect(status().isUnprocessableEntity());
        send(put(excuse), "{\"reason\":\"In hospital.\"}", "").andExpect(jsonPath("$", hasSize(1)));

        sheet().andExpect(jsonPath("$.lines[0].cells[0].excused").value("In hospital."))
                .andExpect(jsonPath("$.lines[0].grade.percent").doesNotExist());
        // who has not seen that somebody came first changes nothing
        send(put(excuse), "{\"reason\":\"At sea.\"}", "").andExpect(status().isPreconditionFailed());
        http.perform(delete(excuse).session(lead).with(csrf())).andExpect(status().isPreconditionFailed());
        sheet().andExpect(jsonPath("$.lines[0].cells[0].excused").value("In hospital."));
        http.perform(delete(excuse).param("seen", "In hospital.").session(lead).with(csrf()))
                .andExpect(jsonPath("$", hasSize(0)));
        sheet().andExpect(jsonPath("$.lines[0].grade.percent").exists());
    }

    @Test
    void anExerciseThatIsTakenAwayLeavesTheSchemeAndTheHistory() throws Exception {
        long other = harbour.another(place);
        send(put(course() + "/scheme"), scheme("1", place.exercise() + "," + other), "none")
                .andExpect(status().isOk());
        send(
                        put("/api/exercises/" + other + "/excuses/"
                                + place.students().get(1).id()),
                        "{\"reason\":\"Ill.\"}",
                        "")
                .andExpect(status().isOk());

        send(
                        put("/api/exercises/" + other + "/extensions/"
                                + place.students().get(0).id()),
                        "{\"dueAt\":\"2031-01-01T10:00:00Z\",\"reason\":\"At sea.\"}",
                        "")
                .andExpect(status().isOk());

        http.perform(delete("/api/exercises/" + other).session(lead).with(csrf()))
                .andExpect(status().is2xxSuccessful());

        sheet().andExpect(jsonPath("$.scheme.scheme.parts[0].exercises", hasSize(1)))
                .andExpect(jsonPath("$.columns", hasSize(1)));
        http.perform(get(course() + "/history").param("what", "EXCUSE").session(tutor))
                .andExpect(jsonPath("$.lines", hasSize(1)))
                .andExpect(jsonPath("$.lines[0].number").doesNotExist());
    }

    @Test
    void everyDecisionIsInTheHistory() throws Exception {
        send(put(course() + "/scheme"), scheme("1", "" + place.exercise()), "none")
                .andExpect(status().isOk());
        send(
                        put("/api/exercises/" + place.exercise() + "/excuses/"
                                + place.students().get(1).id()),
                        "{\"reason\":\"Ill.\"}",
                        "")
                .andExpect(status().isOk());
        send(
                        put("/api/submissions/" + submission + "/points").param("item", "requirement:delegates"),
                        "{\"points\":1,\"reason\":\"Hardly.\"}",
                        "new")
                .andExpect(status().isOk());
        send(put("/api/submissions/" + submission + "/settled"), "{\"settled\":true,\"open\":true}", "0")
                .andExpect(status().isOk());
        send(post("/api/exercises/" + place.exercise() + "/returned"), "{}", "").andExpect(status().isOk());

        http.perform(get(course() + "/history").session(tutor))
                .andExpect(jsonPath(
                        "$.lines[*].what",
                        hasItems("HAND_BACK", "RETURNED", "SETTLED", "POINTS", "EXCUSE", "SCHEME", "VERSION")))
                .andExpect(jsonPath("$.lines[0].by").value("Maike Thiede"))
                .andExpect(jsonPath("$.more").value(false));
        http.perform(get(course() + "/history")
                        .param("what", "POINTS")
                        .param("exercise", String.valueOf(place.exercise()))
                        .session(tutor))
                .andExpect(jsonPath("$.lines", hasSize(1)))
                .andExpect(jsonPath("$.lines[0].reason").value("Hardly."))
                .andExpect(jsonPath("$.lines[0].name").value("Fenja Kogge"));
        http.perform(get(course() + "/history")
                        .param("before", "2020-01-01T00:00:00Z")
                        .session(tutor))
                .andExpect(jsonPath("$.lines", hasSize(0)));
    }

    @Test
    void twoWhoGiveBackAtOnceDoItOnce() throws Exception {
        send(put("/api/submissions/" + submission + "/settled"), "{\"settled\":true,\"open\":true}", "new")
                .andExpect(status().isOk());
        CountDownLatch together = new CountDownLatch(2);
        int[] answers = new int[2];
        Thread[] both = new Thread[2];
        for (int i = 0; i < both.length; i++) {
            int n = i;
            both[i] = new Thread(() -> {
                try {
                    together.countDown();
                    together.await();
                    answers[n] = send(post("/api/exercises/" + place.exercise() + "/returned"), "{}", "")
                            .andReturn()
                            .getResponse()
                            .getStatus();
                } catch (Exception e) {
                    throw new IllegalStateException(e);
                }
            });
            both[i].start();
        }
        for (Thread t : both) {
            t.join();
        }

        assertEquals(
                1, java.util.Arrays.stream(answers).filter(a -> a == 200).count(), java.util.Arrays.toString(answers));
        http.perform(get(course() + "/history").param("what", "RETURNED").session(tutor))
                .andExpect(jsonPath("$.lines", hasSize(1)));
    }
}
