package hausaufgabe.server;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;

@ServerTest
class HandInTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Submissions submissions;

    private MockHttpSession session;

    @BeforeEach
    void open() throws Exception {
        harbour.open();
        session = harbour.signedIn(http, "maike");
    }

    @Test
    void anUploadIsCheckedAndShownWithSourcesAndReport() throws Exception {
        long id = harbour.handedIn(http, session, harbour.student("1").id());

        http.perform(get("/api/submissions/" + id).session(session))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.state").value("CHECKED"))
                .andExpect(jsonPath("$.report.roles.Context[0]").value("Office"))
                .andExpect(jsonPath("$.report.findings[0].text.pieces").isArray())
                .andExpect(jsonPath("$.sources[0].path").value("Main.java"))
                .andExpect(jsonPath("$.review.points").value(14.0))
                .andExpect(jsonPath("$.late").value(false));
    }

    @Test
    void everyAttemptIsKept() throws Exception {
        long first = harbour.handedIn(http, session, harbour.student("3").id());
        long second = harbour.handedIn(http, session, harbour.student("3").id());

        http.perform(get("/api/submissions/" + second).session(session))
                .andExpect(jsonPath("$.attempt").value(2))
                .andExpect(jsonPath("$.attempts[0].id").value((int) first));
    }

    @Test
    void whatCannotBeUsedIsRefusedWithWhatToDoAndNothingIsStored() throws Exception {
        int before = count();

        assertRefused("work.zip", "no zip".getBytes(StandardCharsets.UTF_8), "is not a zip");
        assertRefused("work.zip", zip(), "is an empty archive");
        assertRefused("work.zip", zip("readme.txt"), "holds no source file");
        assertRefused("work.zip", zip("../../Ship.java"), "leaves the folder");
        assertRefused("Ship.java", new byte[] {1, 0, 1}, "is not a text file");
        harbour.handIn(http, session, 4711, "Main.java", Harbour.GOOD.getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value(containsString("no such student")));

        assertEquals(before, count());
    }

    private void assertRefused(String name, byte[] bytes, String part) throws Exception {
        harbour.handIn(http, session, harbour.student("1").id(), name, bytes)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString(part)))
                .andExpect(jsonPath("$.detail").value(containsString("Nothing was stored.")));
    }

    private int count() {
        return harbour.students.stream()
                .mapToInt(
                        s -> submissions.attempts(harbour.exercise.id(), s.id()).size())
                .sum();
    }

    @Test
    void whatDoesNotCompileIsTakenAndSaysWhereItBreaks() throws Exception {
        harbour.handIn(
                        http,
                        session,
                        harbour.student("1").id(),
                        "Main.java",
                        "class Ship {".getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isCreated());

        HandedIn last = last("1");
        assertEquals(false, last.checked().compiled());
        assertEquals(1, last.checked().diagnostics().get(0).line());
    }

    @Test
    void aCheckThatBreaksIsToldAndCanBeMadeAgain() throws Exception {
        harbour.handIn(
                        http,
                        session,
                        harbour.student("2").id(),
                        "Main.java",
                        "// BREAKS".getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isCreated());
        HandedIn broken = last("2");

        assertEquals(HandedIn.State.FAILED, broken.state());
        assertEquals("These sources broke the checker twice.", broken.failure());
        http.perform(post("/api/submissions/" + broken.id() + "/check")
                        .session(session)
                        .with(csrf()))
                .andExpect(status().isAccepted());
    }

    @Test
    void aCheckThatBreaksTakesTheReportBeforeItNotAway() throws Exception {
        long id = harbour.handedIn(http, session, harbour.student("1").id());
        harbour.breakNext();

        http.perform(post("/api/submissions/" + id + "/check").session(session).with(csrf()))
                .andExpect(status().isAccepted());

        http.perform(get("/api/submissions/" + id).session(session))
                .andExpect(jsonPath("$.state").value("FAILED"))
                .andExpect(jsonPath("$.failure").value(containsString("broke the checker")))
                .andExpect(jsonPath("$.report.roles.Context[0]").value("Office"))
                .andExpect(jsonPath("$.review.points").value(14.0));
    }

    @Test
    void someAreCheckedAgainTogetherAndNoneOfAnotherExercise() throws Exception {
        harbour.breakNext();
        long broken = harbour.handedIn(http, session, harbour.student("1").id());
        long whole = harbour.handedIn(http, session, harbour.student("2").id());
        long elsewhere = harbour.handedIn(http, session, harbour.place(new Student(0, "1", "Fenja Kogge", "A")));
        String some = "/api/exercises/" + harbour.exercise.id() + "/submissions/check";

        http.perform(post(some)
                        .session(session)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"submissions\":[" + broken + "," + elsewhere + "]}"))
                .andExpect(status().isNotFound());
        assertEquals(HandedIn.State.FAILED, submissions.get(broken).state());
        http.perform(post(some)
                        .session(session)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"submissions\":[" + broken + "," + whole + "]}"))
                .andExpect(status().isAccepted())
                .andExpect(jsonPath("$.submissions").value(2));
        assertEquals(HandedIn.State.CHECKED, submissions.get(broken).state());
    }

    @Test
    void handInsForOneStudentAtTheSameMomentBecomeAttemptsOfTheirOwn() throws Exception {
        long student = harbour.student("2").id();
        int before = submissions.attempts(harbour.exercise.id(), student).size();
        ExecutorService hands = Executors.newFixedThreadPool(6);
        List<Callable<Integer>> all = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            all.add(() -> harbour.handIn(
                            http, session, student, "Main.java", Harbour.GOOD.getBytes(StandardCharsets.UTF_8))
                    .andReturn()
                    .getResponse()
                    .getStatus());
        }

        for (Future<Integer> f : hands.invokeAll(all)) {
            assertEquals(201, f.get());
        }

        List<Integer> numbers = submissions.attempts(harbour.exercise.id(), student).stream()
                .map(Submissions.Attempt::attempt)
                .toList();
        assertEquals(IntStream.rangeClosed(1, before + 12).boxed().toList(), numbers);
        hands.shutdown();
    }

    @Test
    void sourcesAreFetchedOneByOneAndLongOnesInPieces() throws Exception {
        String longSource = Harbour.GOOD + "// quay\n".repeat(9_000);
        String body = harbour.handIn(
                        http,
                        session,
                        harbour.student("1").id(),
                        "Main.java",
                        longSource.getBytes(StandardCharsets.UTF_8))
                .andReturn()
                .getResponse()
                .getContentAsString();
        int id = JsonPath.read(body, "$.id");

        http.perform(get("/api/submissions/" + id).session(session))
                .andExpect(jsonPath("$.sources[0].path").value("Main.java"))
                .andExpect(jsonPath("$.sources[0].lines").value(9_004))
                .andExpect(jsonPath("$.sources[0].text").doesNotExist());
        http.perform(get("/api/submissions/" + id + "/source?path=Main.java").session(session))
                .andExpect(jsonPath("$.text").value(org.hamcrest.Matchers.startsWith("interface Fee")))
                .andExpect(jsonPath("$.lines").value(9_004));
        http.perform(get("/api/submissions/" + id + "/source?path=Main.java&from=8001")
                        .session(session))
                .andExpect(jsonPath("$.from").value(8_001))
                .andExpect(jsonPath("$.text").value(org.hamcrest.Matchers.endsWith("// quay")));
        http.perform(get("/api/submissions/" + id + "/source?path=Other.java").session(session))
                .andExpect(status().isNotFound());
    }

    private HandedIn last(String student) {
        List<Submissions.Attempt> all = submissions.attempts(
                harbour.exercise.id(), harbour.student(student).id());
        return submissions.get(all.get(all.size() - 1).id());
    }

    @Test
    void whatIsNotThereIsSaidSo() throws Exception {
        http.perform(get("/api/submissions/4711").session(session))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value("There is no such submission."));
        http.perform(get("/api/exercises/4711").session(session)).andExpect(status().isNotFound());
    }

    private static byte[] zip(String... names) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (String name : names) {
                out.putNextEntry(new ZipEntry(name));
                out.write("class Ship {}".getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }
}
