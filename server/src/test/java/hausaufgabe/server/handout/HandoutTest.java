package hausaufgabe.server.handout;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerTest;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Student;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;

/** Marked work on paper. */
@ServerTest
class HandoutTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcTemplate records;

    private Harbour.Place place;
    private MockHttpSession lead;
    private long submission;

    @BeforeEach
    void handedIn() throws Exception {
        place = harbour.place(
                new Student(0, "20261001", "Jördis Żółkiewska-Ölmühle <b>", "A"),
                new Student(0, "2", "Tjark Bojer", ""));
        lead = harbour.signedIn(http, "maike");
        submission = harbour.handedIn(http, lead, place);
    }

    private String version() throws Exception {
        return JsonPath.read(
                http.perform(get("/api/submissions/" + submission).session(lead))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.review.version");
    }

    private void mark(String what, String json) throws Exception {
        http.perform(put("/api/submissions/" + submission + what)
                        .session(lead)
                        .with(csrf())
                        .header("If-Match", version())
                        .contentType("application/json")
                        .content(json))
                .andExpect(status().isOk());
    }

    private Map<String, byte[]> zip() throws Exception {
        MvcResult begun = http.perform(get("/api/exercises/" + place.exercise() + "/feedback.zip")
                        .session(lead))
                .andExpect(status().isOk())
                .andReturn();
        byte[] bytes =
                http.perform(asyncDispatch(begun)).andReturn().getResponse().getContentAsByteArray();
        Map<String, byte[]> files = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8)) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void eachStudentsPaperIsAPageAndAPdf() throws Exception {
        http.perform(get("/api/exercises/" + place.exercise() + "/feedback.zip").session(lead))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail").value(containsString("Nothing is settled yet")));
        mark("/points?item=requirement:delegates", "{\"points\":1.25,\"reason\":\"Hardly.\"}");
        mark(
                "/feedback",
                "{\"text\":\"Schön, and *nearly* whole.\\n\\n<script>alert(1)</script>\\n\\n![x](file:///etc/passwd) "
                        + "[y](javascript:alert(1))\"}");
        http.perform(post("/api/submissions/" + submission + "/remarks")
                        .session(lead)
                        .with(csrf())
                        .header("If-Match", version())
                        .contentType("application/json")
                        .content("{\"file\":\"Main.java\",\"line\":1,\"endLine\":1,\"text\":\"Look here: Łódź.\"}"))
                .andExpect(status().isOk());
        mark("/settled", "{\"settled\":true,\"open\":true}");

        Map<String, byte[]> files = zip();
        String name = "group-a/20261001-joerdis-żołkiewska-oelmuehle-b";
        name = name.replace("ż", "z");
        assertEquals(2, files.size(), files.keySet().toString());
        assertTrue(files.containsKey(name + ".html"), files.keySet().toString());
        String page = new String(files.get(name + ".html"), StandardCharsets.UTF_8);
        assertTrue(page.contains("Jördis Żółkiewska-Ölmühle &lt;b&gt;"), page);
        assertTrue(page.contains("<em>nearly</em>"), page);
        assertFalse(page.contains("<script>"), page);
        assertFalse(page.contains("javascript:"), page);
        assertFalse(page.contains("href=\"javascript"), page);
        assertTrue(page.contains("1.25 of 3"), page);
        String pdf = text(files.get(name + ".pdf"));
        assertTrue(pdf.contains("Jördis Żółkiewska-Ölmühle <b>"), pdf);
        assertTrue(pdf.contains("Look here: Łódź."), pdf);
        assertTrue(pdf.contains("interface") || pdf.contains("class"), pdf);
        assertFalse(pdf.contains("root:"), pdf);
    }

    @Test
    void aStudentHasTheirOwnOnceItIsGivenBack() throws Exception {
        String login = "s" + UUID.randomUUID().toString().substring(0, 8);
        Person made = accounts.create(login, "Jördis", "nordhafen", Person.Role.STUDENT);
        records.update(
                "update student set account_id = ? where id = ?",
                made.id(),
                place.students().stream()
                        .filter(s -> s.number().equals("20261001"))
                        .findFirst()
                        .orElseThrow()
                        .id());
        MockHttpSession student = harbour.signedIn(http, login);
        long own = harbour.handedIn(
                http,
                lead,
                place,
                place.students().stream()
                        .filter(s -> s.number().equals("20261001"))
                        .findFirst()
                        .orElseThrow());
        submission = own;
        String address = "/api/submissions/" + own + "/mine/feedback.pdf";
        http.perform(get(address).session(student)).andExpect(status().isConflict());
        mark("/settled", "{\"settled\":true,\"open\":true}");
        http.perform(post("/api/exercises/" + place.exercise() + "/returned")
                        .session(lead)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{}"))
                .andExpect(status().isOk());

        byte[] pdf = http.perform(get(address).session(student))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertTrue(text(pdf).contains("What a berth costs"));
        http.perform(get(address).session(lead)).andExpect(status().isForbidden());
    }
}
