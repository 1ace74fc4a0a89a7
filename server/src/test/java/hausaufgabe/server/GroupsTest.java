package hausaufgabe.server;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hausaufgabe.server.course.Student;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Tutors look after groups: theirs come first, and where the lead says so they see no other. */
@ServerTest
class GroupsTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession lead;
    private MockHttpSession tutor;
    private Harbour.Place place;
    private long fenja;

    @BeforeEach
    void open() throws Exception {
        place = harbour.place(
                new Student(0, "1", "Fenja Kogge", "A"),
                new Student(0, "2", "Onno Krabbe", "B"),
                new Student(0, "3", "Wiebke Sandvik", "B"));
        lead = harbour.signedIn(http, "maike");
        tutor = harbour.signedIn(http, "jonte");
        fenja = harbour.handedIn(http, lead, place);
        lookAfter("\"B\", \"Z\"").andExpect(status().isOk());
    }

    private ResultActions lookAfter(String groups) throws Exception {
        return http.perform(put("/api/courses/" + place.course() + "/staff/" + harbour.tutor.id() + "/groups")
                .session(lead)
                .with(csrf())
                .contentType("application/json")
                .content("{\"groups\": [" + groups + "]}"));
    }

    private void close() throws Exception {
        http.perform(put("/api/courses/" + place.course())
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"title\": \"Design\", \"zone\": \"UTC\", \"tutorsSeeAll\": false}"))
                .andExpect(jsonPath("$.tutorsSeeAll").value(false));
    }

    private ResultActions asTutor(String address) throws Exception {
        return http.perform(get(address).session(tutor));
    }

    private ResultActions handIn(int student) throws Exception {
        return http.perform(multipart("/api/exercises/" + place.exercise() + "/submissions")
                .file(new MockMultipartFile(
                        "files", "Main.java", "text/plain", Harbour.GOOD.getBytes(StandardCharsets.UTF_8)))
                .param("student", String.valueOf(place.students().get(student).id()))
                .session(tutor)
                .with(csrf()));
    }

    @Test
    void ownGroupsAreToldAndTheOthersSeen() throws Exception {
        asTutor("/api/exercises/" + place.exercise() + "/grades")
                // a group that the course does not have is nobody's
                .andExpect(jsonPath("$.ownGroups", contains("B")))
                .andExpect(jsonPath("$.rows.length()").value(3));
        asTutor("/api/submissions/" + fenja).andExpect(status().isOk());
        asTutor("/api/courses/" + place.course())
                .andExpect(jsonPath("$.staff[?(@.duty == 'TUTOR')].groups[0]").value("B"));
    }

    @Test
    void theOthersAreNotSeenWhereTheLeadSaysSo() throws Exception {
        close();

        asTutor("/api/exercises/" + place.exercise() + "/grades")
                .andExpect(jsonPath("$.rows[*].student.number", contains("2", "3")));
        asTutor("/api/exercises/" + place.exercise() + "/grades.csv")
                .andExpect(content().string(not(containsString("Fenja"))));
        asTutor("/api/exercises/" + place.exercise()).andExpect(jsonPath("$.students[*].number", contains("2", "3")));
        asTutor("/api/courses/" + place.course() + "/students")
                .andExpect(jsonPath("$[*].student.number", contains("2", "3")));
        asTutor("/api/courses/" + place.course() + "/students.csv")
                .andExpect(content().string(not(containsString("Fenja"))));
        asTutor("/api/submissions/" + fenja).andExpect(status().isForbidden());
        asTutor("/api/submissions/" + fenja + "/sources").andExpect(status().isForbidden());
        http.perform(get("/api/submissions/" + fenja).session(lead)).andExpect(status().isOk());
    }

    @Test
    void whoIsNotSeenIsNotHandedInFor() throws Exception {
        close();

        handIn(0)
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.detail", containsString("Nothing was stored")));
        handIn(1).andExpect(status().isCreated());
        asTutor("/api/exercises/" + place.exercise() + "/piles")
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.detail", containsString("just the groups that they look after")));
    }

    @Test
    void onlyTheLeadSaysWhoLooksAfterWhom() throws Exception {
        http.perform(put("/api/courses/" + place.course() + "/staff/" + harbour.tutor.id() + "/groups")
                        .session(tutor)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"groups\": [\"A\"]}"))
                .andExpect(status().isForbidden());
        http.perform(put("/api/courses/" + place.course() + "/staff/999999/groups")
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"groups\": [\"A\"]}"))
                .andExpect(status().isNotFound());
    }
}
