package hausaufgabe.server.submission;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerTest;
import hausaufgabe.server.course.Student;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Handing in by the hundred: nothing counts before it is confirmed, and nothing is confirmed while it is in doubt. */
@ServerTest
class PilesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession tutor;
    private Harbour.Place place;

    @BeforeEach
    void open() throws Exception {
        place = harbour.place(
                new Student(0, "20261001", "Fenja Kogge", "A", "f.kogge@hafen.test", false),
                new Student(0, "20261002", "Tjark Bøjer", "A", "t.boejer@hafen.test", false),
                new Student(0, "20261003", "Wiebke Sandvik", "B", "", false),
                new Student(0, "20261004", "Onno Sandvik", "B", "", false));
        tutor = harbour.signedIn(http, "jonte");
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> e : files.entrySet()) {
                out.putNextEntry(new ZipEntry(e.getKey()));
                out.write(e.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private static byte[] good(String remark) {
        return (Harbour.GOOD + "\n// " + remark).getBytes(StandardCharsets.UTF_8);
    }

    private String piles() {
        return "/api/exercises/" + place.exercise() + "/piles";
    }

    private ResultActions upload(Map<String, byte[]> files) throws Exception {
        return http.perform(multipart(piles())
                .file(new MockMultipartFile("files", "everybody.zip", "application/zip", zip(files)))
                .session(tutor)
                .with(csrf()));
    }

    private ResultActions json(
            org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder request, String body)
            throws Exception {
        return http.perform(request.session(tutor)
                .with(csrf())
                .contentType("application/json")
                .content(body));
    }

    private long handedIn() throws Exception {
        String sheet = http.perform(
                        get("/api/exercises/" + place.exercise() + "/grades").session(tutor))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return ((List<?>) JsonPath.read(sheet, "$.rows[?(@.handedIn)]")).size();
    }

    @Test
    void aPileIsMatchedSettledAndConfirmed() throws Exception {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("hand-ins/20261001_Kogge/Main.java", good("one"));
        files.put("hand-ins/20261001_Kogge/.DS_Store", new byte[] {1});
        files.put("hand-ins/t.boejer.zip", zip(Map.of("src/Main.java", good("two"))));
        files.put("hand-ins/sandvik/Main.java", good("three"));
        files.put("hand-ins/unknown/Main.java", good("four"));
        files.put("hand-ins/empty/readme.txt", new byte[] {'x'});

        String made = upload(files)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.ready").value(2))
                .andExpect(jsonPath("$.doubtful").value(2))
                .andExpect(jsonPath("$.pieces[?(@.name=='t.boejer.zip')].student.number", contains("20261002")))
                .andExpect(jsonPath("$.pieces[?(@.name=='sandvik')].reason", contains(containsString("Fits several"))))
                .andExpect(jsonPath("$.pieces[?(@.name=='empty')].problem", contains(containsString("no source"))))
                .andReturn()
                .getResponse()
                .getContentAsString();
        long pile = ((Number) JsonPath.read(made, "$.id")).longValue();
        long sandvik =
                ((Number) ((List<?>) JsonPath.read(made, "$.pieces[?(@.name=='sandvik')].id")).get(0)).longValue();
        long unknown =
                ((Number) ((List<?>) JsonPath.read(made, "$.pieces[?(@.name=='unknown')].id")).get(0)).longValue();

        json(post(piles() + "/" + pile + "/confirmation"), "{}").andExpect(status().isConflict());
        assertEquals(0, handedIn());

        json(
                        put(piles() + "/" + pile + "/pieces/" + sandvik),
                        "{\"student\":" + place.students().get(3).id() + "}")
                .andExpect(jsonPath("$.doubtful").value(1));
        json(put(piles() + "/" + pile + "/pieces/" + unknown), "{\"student\":null}")
                .andExpect(jsonPath("$.doubtful").value(0));
        json(post(piles() + "/" + pile + "/confirmation"), "{}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.handedIn").value(3))
                .andExpect(jsonPath("$.leftOut").value(2));

        assertEquals(3, handedIn());
        http.perform(get(piles()).session(tutor)).andExpect(jsonPath("$", hasSize(0)));
        json(post(piles() + "/" + pile + "/confirmation"), "{}").andExpect(status().isNotFound());
    }

    @Test
    void theSamePileAgainMakesNoFurtherAttempts() throws Exception {
        Map<String, byte[]> files =
                Map.of("20261001.zip", zip(Map.of("Main.java", good("one"))), "20261003.java", good("two"));
        for (int i = 0; i < 2; i++) {
            String made = upload(files).andReturn().getResponse().getContentAsString();
            json(post(piles() + "/" + JsonPath.read(made, "$.id") + "/confirmation"), "{}")
                    .andExpect(jsonPath("$.handedIn").value(i == 0 ? 2 : 0))
                    .andExpect(jsonPath("$.again").value(i == 0 ? 0 : 2));
        }
        assertEquals(2, handedIn());
    }

    @Test
    void twoPiecesOfOneStudentAreInDoubtAndAPileCanBeThrownAway() throws Exception {
        String made = upload(Map.of("a-20261001.java", good("one"), "b-20261001.java", good("two")))
                .andExpect(jsonPath("$.doubtful").value(2))
                .andReturn()
                .getResponse()
                .getContentAsString();

        http.perform(delete(piles() + "/" + JsonPath.read(made, "$.id"))
                        .session(tutor)
                        .with(csrf()))
                .andExpect(status().isNoContent());

        assertEquals(0, handedIn());
        http.perform(get(piles()).session(tutor)).andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void whatIsNoPileIsRefusedWithTheReason() throws Exception {
        upload(Map.of("20261001/notes.txt", new byte[] {'x'}))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Nothing in it can be used")));
        upload(Map.of("../Main.java", good("x"))).andExpect(jsonPath("$.detail", containsString("leaves the folder")));
    }

    @Test
    void whoseItIsIsToldFromNumbersAddressesAndNames() {
        Owners owners = new Owners(place.students());

        for (String sure : List.of(
                "20261002",
                "hand-in 20261002 (late)",
                "s20261002.zip",
                "t.boejer@hafen.test",
                "tboejer T.Boejer",
                "Tjark Boejer",
                "BoejerTjark_4711.zip",
                "bøjer, tjark")) {
            Owners.Owner owner = owners.of(sure);
            assertEquals(
                    "20261002 true",
                    (owner.student() == null ? "" : owner.student().number()) + " " + owner.sure(),
                    sure);
        }
        assertEquals("20261002", owners.of("boejer").student().number());
        assertEquals(false, owners.of("boejer").sure());
        assertEquals(null, owners.of("sandvik").student());
        assertEquals(null, owners.of("2026100").student());
        assertEquals(null, owners.of("120261002").student());
    }
}
