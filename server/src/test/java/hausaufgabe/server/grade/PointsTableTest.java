package hausaufgabe.server.grade;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerTest;
import hausaufgabe.server.course.Student;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Points of an exercise out as a table, changed, and in again. */
@ServerTest
class PointsTableTest {

    private static final String DELEGATES = "requirement:delegates";

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private Harbour.Place place;
    private MockHttpSession tutor;
    private long submission;

    @BeforeEach
    void handedIn() throws Exception {
        place = harbour.place(new Student(0, "101", "Fenja Kogge", "A"), new Student(0, "0102", "Tjark Bojer", "B"));
        tutor = harbour.signedIn(http, "jonte");
        submission = harbour.handedIn(http, tutor, place);
    }

    private String exercise() {
        return "/api/exercises/" + place.exercise();
    }

    private String out() throws Exception {
        return http.perform(get(exercise() + "/points.csv").session(tutor))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private static MockMultipartFile file(byte[] bytes) {
        return new MockMultipartFile("table", "points.csv", "text/csv", bytes);
    }

    private ResultActions plan(byte[] bytes) throws Exception {
        return http.perform(multipart(exercise() + "/points/plan")
                .file(file(bytes))
                .session(tutor)
                .with(csrf()));
    }

    private ResultActions plan(String table) throws Exception {
        return plan(table.getBytes(StandardCharsets.UTF_8));
    }

    private ResultActions take(String table, String fingerprint, String reason) throws Exception {
        return http.perform(multipart(exercise() + "/points")
                .file(file(table.getBytes(StandardCharsets.UTF_8)))
                .param("fingerprint", fingerprint)
                .param("reason", reason)
                .session(tutor)
                .with(csrf()));
    }

    private String fingerprint(String table) throws Exception {
        return JsonPath.read(plan(table).andReturn().getResponse().getContentAsString(), "$.fingerprint");
    }

    @Test
    void whatWentOutAndComesInAgainChangesNothing() throws Exception {
        String out = out();

        assertTrue(out.startsWith("number,name,group,attempt,requirement:"), out);
        plan(out)
                .andExpect(jsonPath("$.changes", hasSize(0)))
                .andExpect(jsonPath("$.mistakes", hasSize(0)))
                .andExpect(jsonPath("$.unchanged").value(1));
        take(out, fingerprint(out), "").andExpect(status().isUnprocessableEntity());
    }

    @Test
    void changedPointsAreShownBeforeAndThenGivenWithTheirReason() throws Exception {
        String table = "number;attempt;" + DELEGATES + ";feedback;reason\n101;1;1,25;Well done.;\n102;;;;\n";

        plan(table)
                .andExpect(jsonPath("$.changes", hasSize(2)))
                .andExpect(jsonPath("$.changes[0].before").value("3"))
                .andExpect(jsonPath("$.changes[0].after").value("1.25"))
                .andExpect(jsonPath("$.submissions").value(1));
        String seen = fingerprint(table);
        take(table, seen, " ").andExpect(status().isUnprocessableEntity());
        take(table, "other", "Agreed.").andExpect(status().isPreconditionFailed());
        take(table, seen, "Agreed on Monday.")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.changed").value(2));

        http.perform(get("/api/submissions/" + submission).session(tutor))
                .andExpect(jsonPath("$.review.decisions[0].points").value(1.25))
                .andExpect(jsonPath("$.review.decisions[0].reason").value("Agreed on Monday."))
                .andExpect(jsonPath("$.review.feedback").value("Well done."))
                .andExpect(jsonPath("$.review.history", hasSize(2)));
        // the same once more finds everything as it is
        plan(table).andExpect(jsonPath("$.changes", hasSize(0)));
    }

    @Test
    void whatSomebodyChangedMeanwhileIsNotWrittenOver() throws Exception {
        String table = "number," + DELEGATES + ",reason\n101,1,Too little.\n";
        String seen = fingerprint(table);
        String other = "number,feedback\n101,Mine.\n";
        take(other, fingerprint(other), "").andExpect(status().isOk());

        take(table, seen, "").andExpect(status().isPreconditionFailed());
        take(table, fingerprint(table), "").andExpect(status().isOk());
    }

    @Test
    void whatCannotBeIsSaidWithItsPlaceAndNothingIsChanged() throws Exception {
        String table = "number,attempt," + DELEGATES + ",requirement:beauty,feedback\n" // 1
                + "101,1,=1+1,,\n" // 2
                + "999,1,1,,\n" // 3
                + "101,1,2,,\n" // 4
                + "102,1,2,,\n" // 5
                + "101,7,2,,\n" // 6
                + ",1,2,,\n"; // 7
        String mistakes = plan(table)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.changes", hasSize(0)))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertEquals(
                java.util.List.of(1, 2, 3, 4, 5, 6, 7),
                JsonPath.<java.util.List<Integer>>read(mistakes, "$.mistakes[*].line"));
        assertTrue(mistakes.contains("This is a formula."), mistakes);
        assertTrue(mistakes.contains("No student of this course has the number 999."), mistakes);
        assertTrue(mistakes.contains("twice"), mistakes);
        take(table, fingerprint(table), "Why.")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("nothing was changed")));
        plan("number," + DELEGATES + "\n101,3.1\n")
                .andExpect(jsonPath("$.mistakes[0].text")
                        .value("3.1 cannot be given here. Give from 0 to 3 points, in quarters."));
        plan("number," + DELEGATES + "\n101,400\n")
                .andExpect(jsonPath("$.mistakes[0].column").value(DELEGATES));
        plan("number," + DELEGATES + "\n101,many\n")
                .andExpect(jsonPath("$.mistakes[0].text").value("“many” is no number."));
        plan("who,what\nme,more\n").andExpect(status().isUnprocessableEntity());
        plan("").andExpect(status().isUnprocessableEntity());
        plan(new byte[] {'P', 'K', 0, 0, 1}).andExpect(status().isUnprocessableEntity());
    }

    @Test
    void otherEncodingsAndSeparatorsAreRead() throws Exception {
        String table = "number\tfeedback\n101\tSchöne Lösung.\n";

        plan(table.getBytes(Charset.forName("windows-1252")))
                .andExpect(jsonPath("$.changes[0].after").value("Schöne Lösung."));
        plan(table.getBytes(StandardCharsets.UTF_16))
                .andExpect(jsonPath("$.changes[0].after").value("Schöne Lösung."));
    }
}
