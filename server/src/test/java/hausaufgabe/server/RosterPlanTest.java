package hausaufgabe.server;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.course.Student;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder;

/** Rosters are looked at before they count, and then count as they were looked at. */
@ServerTest
class RosterPlanTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession lead;
    private long course;

    @BeforeEach
    void open() throws Exception {
        harbour.open();
        lead = harbour.signedIn(http, "maike");
        course = harbour.place(
                        new Student(0, "1", "Fenja Kogge", "A"),
                        new Student(0, "2", "=Tjark \"Quote\", Bojer", "B"),
                        new Student(0, "3", "Wiebke Sandvik", "A"))
                .course();
    }

    private ResultActions send(String path, String csv, String... fields) throws Exception {
        MockMultipartHttpServletRequestBuilder request = multipart("/api/courses/" + course + path)
                .file(new MockMultipartFile("roster", "roster.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return http.perform(request.session(lead).with(csrf()));
    }

    private static String body(ResultActions answer) throws Exception {
        return answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void aPlanSaysWhatWouldBeAddedChangedAndLeftOutAndStoresNothing() throws Exception {
        String csv = "Matrikelnummer;Vorname;Nachname;Gruppe;E-Mail\n"
                + "1;Fenja;Kogge;A;\n3;Wiebke;Sandvik;C;w.sandvik@hafen.test\n9;Nis;Bojer;B;\n9;Nis;Noch;B;\n;Ohne;Nummer;A;\n";

        send("/roster/plan", csv)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.separator").value("semicolon"))
                .andExpect(jsonPath(
                        "$.columns[*].field", contains("NUMBER", "FIRST_NAME", "FAMILY_NAME", "GROUP", "EMAIL")))
                .andExpect(jsonPath("$.counts.ADD").value(1))
                .andExpect(jsonPath("$.counts.CHANGE").value(1))
                .andExpect(jsonPath("$.counts.SAME").value(1))
                .andExpect(jsonPath("$.counts.LEFT_OUT").value(2))
                .andExpect(jsonPath("$.lines[?(@.what=='CHANGE')].before.group", contains("A")))
                .andExpect(jsonPath(
                        "$.lines[?(@.what=='LEFT_OUT')].why",
                        contains("the number 9 stands in record 4 already", "no number")))
                .andExpect(jsonPath("$.missing[*].number", contains("2")));

        http.perform(get("/api/courses/" + course + "/students").session(lead)).andExpect(jsonPath("$", hasSize(3)));
    }

    @Test
    void whatWasLookedAtIsStoredAndASecondTimeChangesNothing() throws Exception {
        String csv = "number,name,group\n1,Fenja Kogge,B\n4,Onno Krabbe,A\n";
        String fingerprint = JsonPath.read(body(send("/roster/plan", csv)), "$.fingerprint");

        send("/roster", csv, "columns", "NUMBER,NAME,GROUP", "fingerprint", fingerprint, "missingLeave", "true")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[?(@.student.left==true)].student.number", hasSize(2)));
        send("/roster", csv, "columns", "NUMBER,NAME,GROUP", "fingerprint", fingerprint)
                .andExpect(status().isPreconditionFailed());
        send("/roster/plan", csv)
                .andExpect(jsonPath("$.counts.SAME").value(2))
                .andExpect(jsonPath("$.lines", hasSize(0)));
        // whoever comes back has the old record
        send("/roster/plan", csv + "3,Wiebke Sandvik,A\n")
                .andExpect(jsonPath("$.counts.BACK").value(1));
    }

    @Test
    void columnsThatSayNothingAreMatchedByHand() throws Exception {
        String csv = "Kai;Wer;Wo\n77001;Onno Krabbe;A\n";

        send("/roster/plan", csv)
                .andExpect(jsonPath("$.problem", containsString("which column holds the name")))
                .andExpect(jsonPath("$.columns[0].field").value("NUMBER"))
                .andExpect(jsonPath("$.columns[1].samples[0]").value("Onno Krabbe"));
        send("/roster/plan", csv, "columns", "NUMBER,NAME,GROUP")
                .andExpect(jsonPath("$.counts.ADD").value(1));
    }

    @Test
    void whatGoesOutComesInAgainAsTheSame() throws Exception {
        String csv = body(
                http.perform(get("/api/courses/" + course + "/students.csv").session(lead))
                        .andExpect(content().string(containsString("'=Tjark"))));

        send("/roster/plan", csv).andExpect(jsonPath("$.counts.SAME").value(3));
    }

    @Test
    void twentyThousandLinesAreReadAndOneMoreIsRefused() throws Exception {
        String csv = "number,name\n"
                + IntStream.range(0, 20_000)
                        .mapToObj(n -> n + 100 + ",Student " + n)
                        .collect(Collectors.joining("\n"));

        send("/roster/plan", csv)
                .andExpect(jsonPath("$.counts.ADD").value(20_000))
                .andExpect(jsonPath("$.lines", hasSize(2_000)));
        send("/roster/plan", csv + "\n1,One More").andExpect(jsonPath("$.detail", containsString("20000 is most")));
    }

    @Test
    void oneStudentIsAddedChangedAndLeavesByHand() throws Exception {
        String students = "/api/courses/" + course + "/students";
        String made = body(http.perform(post(students)
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"number\":\"8\",\"name\":\"Nis Kogge\",\"group\":\"B\"}"))
                .andExpect(status().isCreated()));
        Number id = JsonPath.read(made, "$.student.id");

        http.perform(put(students + "/" + id)
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"number\":\"1\",\"name\":\"Nis Kogge\",\"group\":\"B\"}"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("Fenja Kogge")));
        http.perform(put(students + "/" + id + "/left")
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"left\":true}"))
                .andExpect(status().isNoContent());
        http.perform(get(students).session(lead))
                .andExpect(jsonPath("$[?(@.student.number=='8')].student.left", contains(true)));
    }
}
