package hausaufgabe.server;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.jayway.jsonpath.JsonPath;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.core.catalogue.Catalogue;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** An exercise from a pattern to an open one: written, tried, put in force, handed in for, changed, taken out and in. */
@ServerTest
class ManuscriptTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    private MockHttpSession lead;

    @BeforeEach
    void open() throws Exception {
        harbour.open();
        lead = harbour.signedIn(http, "maike");
    }

    private ResultActions send(MockHttpServletRequestBuilder request, Object body) throws Exception {
        return http.perform(request.session(lead)
                .with(csrf())
                .contentType("application/json")
                .content(new ObjectMapper().writeValueAsString(body)));
    }

    private static String body(ResultActions answer) throws Exception {
        return answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    private static long id(ResultActions answer) throws Exception {
        return ((Number) JsonPath.read(body(answer.andExpect(status().isCreated())), "$.id")).longValue();
    }

    private long begin(Map<String, Object> from) throws Exception {
        return id(send(post("/api/courses/" + harbour.course + "/exercises"), from));
    }

    private String manuscript(long exercise) throws Exception {
        return body(
                http.perform(get("/api/exercises/" + exercise + "/manuscript").session(lead)));
    }

    private long revision(long exercise, String path) throws Exception {
        java.util.List<Integer> found =
                JsonPath.read(manuscript(exercise), "$.files[?(@.path == '" + path + "')].revision");
        return found.isEmpty() ? 0 : found.get(0);
    }

    private ResultActions write(long exercise, String path, String text, long revision) throws Exception {
        return send(
                put("/api/exercises/" + exercise + "/manuscript/file")
                        .param("path", path)
                        .header("If-Match", String.valueOf(revision)),
                Map.of("text", text));
    }

    private ResultActions settings(long exercise, Map<String, Object> form) throws Exception {
        return send(
                put("/api/exercises/" + exercise + "/manuscript/settings")
                        .header("If-Match", String.valueOf(revision(exercise, "exercise.yaml"))),
                form);
    }

    private ResultActions putInForce(long exercise) throws Exception {
        return send(post("/api/exercises/" + exercise + "/versions"), Map.of("note", "as agreed"));
    }

    private ResultActions handIn(long exercise, String student) throws Exception {
        return handIn(exercise, student, Harbour.GOOD);
    }

    private ResultActions handIn(long exercise, String student, String source) throws Exception {
        return http.perform(multipart("/api/exercises/" + exercise + "/submissions")
                .file(new MockMultipartFile(
                        "files", "Main.java", "text/plain", source.getBytes(StandardCharsets.UTF_8)))
                .param("student", String.valueOf(harbour.student(student).id()))
                .session(lead)
                .with(csrf()));
    }

    @Test
    void anExerciseIsBegunFromAPatternOpenedAndHandedInFor() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy", "title", "Three ways to charge"));
        handIn(exercise, "1")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("still being written")));

        putInForce(exercise).andExpect(jsonPath("$.number").value(1));

        handIn(exercise, "1").andExpect(status().isCreated());
        http.perform(get("/api/exercises/" + exercise).session(lead))
                .andExpect(jsonPath("$.title").value("Three ways to charge"))
                .andExpect(jsonPath("$.version").value(1));
        send(delete("/api/exercises/" + exercise), "")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("Nothing was taken away")));
    }

    @Test
    void aSubmissionKeepsItsVersionUntilItIsCheckedAgain() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        putInForce(exercise);
        long submission = id(handIn(exercise, "2"));
        String text = Catalogue.text("strategy")
                .orElseThrow()
                .replace("require abstraction essential 1", "require abstraction essential 4");
        write(exercise, "pattern.muster", text, revision(exercise, "pattern.muster"))
                .andExpect(status().isOk());
        assertEquals(
                "[\"pattern.muster\"]",
                JsonPath.read(manuscript(exercise), "$.unlike").toString());

        putInForce(exercise).andExpect(jsonPath("$.number").value(2));
        String before = body(http.perform(get("/api/submissions/" + submission).session(lead)));
        send(post("/api/exercises/" + exercise + "/checks"), "")
                .andExpect(jsonPath("$.submissions").value(1));
        String after = checkedWith(submission, 2);

        assertEquals(1, (int) JsonPath.read(before, "$.version"));
        assertEquals(2, (int) JsonPath.read(before, "$.exercise.version"));
        assertEquals(
                (double) JsonPath.read(before, "$.review.possible") + 3, JsonPath.read(after, "$.review.possible"));
        send(post("/api/exercises/" + exercise + "/checks"), "")
                .andExpect(jsonPath("$.submissions").value(0));
    }

    private String checkedWith(long submission, int version) throws Exception {
        for (int i = 0; i < 200; i++) {
            String now = body(http.perform(get("/api/submissions/" + submission).session(lead)));
            if ((int) JsonPath.read(now, "$.version") == version) {
                return now;
            }
            Thread.sleep(50);
        }
        throw new AssertionError("it was not checked with version " + version);
    }

    @Test
    void twoWhoWriteAtOnceLoseNothing() throws Exception {
        long exercise = begin(Map.of("pattern", "observer"));
        long first = revision(exercise, "brief.md");

        write(exercise, "brief.md", "Theirs.", first).andExpect(status().isOk());
        write(exercise, "brief.md", "Mine.", first)
                .andExpect(status().isPreconditionFailed())
                .andExpect(jsonPath("$.detail", containsString("Maike Thiede has written here")));

        http.perform(get("/api/exercises/" + exercise + "/manuscript/file?path=brief.md")
                        .session(lead))
                .andExpect(jsonPath("$.text").value("Theirs."))
                .andExpect(jsonPath("$.revision").value(revision(exercise, "brief.md")));
        assertNotEquals(first, revision(exercise, "brief.md"));
    }

    @Test
    void whatIsWrongIsToldAndKeepsItFromBeingOpened() throws Exception {
        long exercise = begin(Map.of());
        settings(exercise, Map.of("title", "T", "zone", "Europe/Berlin", "due", "2027-03-28T02:30"))
                .andExpect(status().isOk());
        write(exercise, "pattern.muster", "pattern x \"X\"\n  \"Y.\"\n  rolle Z", revision(exercise, "pattern.muster"));

        http.perform(get("/api/exercises/" + exercise + "/manuscript").session(lead))
                .andExpect(jsonPath("$.problems[*].message", hasItem(containsString("skip that night"))))
                .andExpect(jsonPath("$.problems[?(@.path == 'pattern.muster')].line", contains(3)));
        putInForce(exercise)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("cannot be put in force yet")));
        settings(exercise, Map.of("title", "T", "zone", "Mars/Port"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("no time zone")));
        write(exercise, "../../etc/passwd", "x", 0).andExpect(status().isUnprocessableEntity());
        write(exercise, "notes.txt", "x", 0).andExpect(status().isUnprocessableEntity());
        send(delete("/api/exercises/" + exercise + "/manuscript/file?path=pattern.muster"), "")
                .andExpect(status().isConflict());
    }

    @Test
    void lateIsWhatTheRulesSayAndCostsWhatTheySay() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        settings(
                exercise,
                Map.of("title", "T", "zone", "UTC", "due", "2020-01-01T20:00", "pointsPerDay", 2.5, "most", 1));
        putInForce(exercise);

        long submission = id(handIn(exercise, "1"));

        http.perform(get("/api/submissions/" + submission).session(lead))
                .andExpect(jsonPath("$.late").value(true))
                // thousands of days: never more than was earned
                .andExpect(jsonPath("$.review.points").value(0.0));
        http.perform(get("/api/exercises/" + exercise + "/grades").session(lead))
                .andExpect(jsonPath("$.rows[?(@.handedIn)].points", contains(0.0)));
        handIn(exercise, "1")
                .andExpect(status().isConflict())
                .andExpect(jsonPath(
                        "$.detail", containsString("The exercise allows 1 attempt, and Fenja Kogge has made it")));
    }

    @Test
    void whatDoesNotCompileKeepsTheShareThatTheRulesSay() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        settings(exercise, Map.of("title", "T", "zone", "UTC", "notCompilingPercent", 50, "rounding", "WHOLE"));
        putInForce(exercise);

        long whole = id(handIn(exercise, "1"));
        long broken = id(handIn(exercise, "2", Harbour.GOOD + "class Broken { int x = ; }"));

        http.perform(get("/api/submissions/" + whole).session(lead))
                .andExpect(jsonPath("$.review.points").value(14.0));
        http.perform(get("/api/submissions/" + broken).session(lead))
                .andExpect(jsonPath("$.review.points").value(7.0))
                .andExpect(jsonPath("$.review.possible").value(14.0));
        http.perform(get("/api/exercises/" + exercise + "/grades").session(lead))
                .andExpect(jsonPath("$.rows[?(@.handedIn.submissionId == " + broken + ")].points", contains(7.0)));
    }

    @Test
    void nothingIsTakenBeforeItOpensOrAfterItCloses() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        settings(exercise, Map.of("title", "T", "zone", "UTC", "opens", "2090-01-01T20:00"));
        putInForce(exercise);
        handIn(exercise, "1")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("opens on")));

        settings(
                exercise, Map.of("title", "T", "zone", "UTC", "due", "2020-01-01T20:00", "closes", "2020-01-02T20:00"));
        putInForce(exercise);
        handIn(exercise, "1")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("closed on")));
    }

    @Test
    void theAttemptThatCountsIsTheOneTheRulesSay() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        settings(exercise, Map.of("title", "T", "zone", "UTC", "counts", "FIRST"));
        putInForce(exercise);
        handIn(exercise, "3");
        handIn(exercise, "3");

        http.perform(get("/api/exercises/" + exercise + "/grades").session(lead))
                .andExpect(jsonPath("$.rows[?(@.handedIn)].handedIn.attempt", contains(1)))
                .andExpect(jsonPath("$.rows[?(@.handedIn)].handedIn.attempts", contains(2)));
    }

    @Test
    void anExerciseTakenOutAndInIsTheSame() throws Exception {
        long exercise = begin(Map.of("pattern", "composite", "title", "Fracht – „schwer“"));
        upload(exercise, "solutions/reference", "Main.java", "class Main {}");
        upload(exercise, "images", "quay.png", "PNG");
        byte[] zip = takenOut(exercise);

        long other = id(http.perform(multipart("/api/courses/" + harbour.course + "/exercises/folder")
                .file(new MockMultipartFile("folder", "fracht.zip", "application/zip", zip))
                .session(lead)
                .with(csrf())));

        ExerciseFolder there = ExerciseFiles.unpack("a", takenOut(other));
        assertEquals(ExerciseFiles.unpack("b", zip), there);
        assertEquals("Fracht – „schwer“", there.settings().title());
    }

    private byte[] takenOut(long exercise) throws Exception {
        return http.perform(get("/api/exercises/" + exercise + "/folder.zip").session(lead))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private void upload(long exercise, String folder, String name, String text) throws Exception {
        http.perform(multipart("/api/exercises/" + exercise + "/manuscript/files")
                        .file(new MockMultipartFile("files", name, null, text.getBytes(StandardCharsets.UTF_8)))
                        .param("folder", folder)
                        .session(lead)
                        .with(csrf()))
                .andExpect(status().isNoContent());
    }

    @Test
    void aZipThatIsNoExerciseLeavesNothingBehind() throws Exception {
        int before = JsonPath.read(body(http.perform(get("/api/exercises").session(lead))), "$.length()");
        byte[] zip =
                ExerciseFiles.pack(ExerciseFolder.of(Map.of("brief.md", "Brief.".getBytes(StandardCharsets.UTF_8))));

        http.perform(multipart("/api/courses/" + harbour.course + "/exercises/folder")
                        .file(new MockMultipartFile("folder", "half.zip", "application/zip", zip))
                        .session(lead)
                        .with(csrf()))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("must both lie in it. Nothing was stored.")));

        http.perform(get("/api/exercises").session(lead)).andExpect(jsonPath("$", hasSize(before)));
    }

    @Test
    void aSolutionIsTriedByWhatIsWritten() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        upload(exercise, "solutions/reference", "Main.java", Harbour.GOOD);
        upload(exercise, "wrong/empty", "Main.java", "class Main {}");

        send(post("/api/exercises/" + exercise + "/trial?solution=solutions/reference"), "")
                .andExpect(jsonPath("$.proof.verdict").value("ACCEPTED"))
                .andExpect(jsonPath("$.proof.isAsExpected").value(true));
        send(post("/api/exercises/" + exercise + "/trial?solution=wrong/empty"), "")
                .andExpect(jsonPath("$.proof.verdict").value("FAULTED"))
                .andExpect(jsonPath("$.proof.caught", hasItem("held")));
        send(post("/api/exercises/" + exercise + "/trial?solution=wrong/none"), "")
                .andExpect(status().isNotFound());
    }

    @Test
    void oneGoesOnFromAnEarlierVersion() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        putInForce(exercise);
        write(exercise, "brief.md", "Changed.", revision(exercise, "brief.md"));
        upload(exercise, "starter", "Main.java", "class Main {}");
        long version = ((Number) JsonPath.read(manuscript(exercise), "$.versions[0].id")).longValue();

        send(post("/api/exercises/" + exercise + "/versions/" + version + "/restored"), "")
                .andExpect(status().isNoContent());

        assertEquals("[]", JsonPath.read(manuscript(exercise), "$.unlike").toString());
        send(post("/api/exercises/" + harbour.exercise.id() + "/versions/" + version + "/restored"), "")
                .andExpect(status().isNotFound());
    }

    @Test
    void aCopyOfAnEarlierExerciseComesWithoutItsTimes() throws Exception {
        long copy = begin(Map.of("exercise", harbour.exercise.id()));

        http.perform(get("/api/exercises/" + copy + "/manuscript").session(lead))
                .andExpect(jsonPath("$.settings.due").doesNotExist())
                .andExpect(jsonPath("$.brief").value("Brief."));
    }

    @Test
    void exercisesChangePlacesAndOneThatNobodyHandedInForGoes() throws Exception {
        long one = begin(Map.of("pattern", "state", "title", "One"));
        long two = begin(Map.of("pattern", "state", "title", "Two"));

        send(put("/api/exercises/" + two + "/place"), Map.of("up", true)).andExpect(status().isNoContent());

        http.perform(get("/api/exercises").session(lead)).andExpect(jsonPath("$[-2:].title", contains("Two", "One")));
        send(delete("/api/exercises/" + one), "").andExpect(status().isNoContent());
        http.perform(get("/api/exercises/" + one).session(lead)).andExpect(status().isNotFound());
    }

    @Test
    void twoPatternsAreAskedForAtOnceAndEachIsJudged() throws Exception {
        send(
                        post("/api/courses/" + harbour.course + "/exercises"),
                        Map.of("pattern", "composite", "second", "visitor", "same", Map.of("Element", "Leaf")))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("cannot be asked for together")));
        long exercise =
                begin(Map.of("pattern", "composite", "second", "visitor", "same", Map.of("Element", "Component")));
        String text = JsonPath.read(manuscript(exercise), "$.pattern");
        send(post("/api/notation/read"), Map.of("text", text))
                .andExpect(jsonPath("$.parts[*].title", contains("Composite", "Visitor")))
                .andExpect(jsonPath("$.parts[1].same[0].as").value("Component"))
                .andExpect(jsonPath("$.parts[1].above", contains("Component")))
                .andExpect(jsonPath("$.patterns[1].roles[0].sameAs").value("Component"));
        String changed = body(send(
                post("/api/notation/edit"),
                Map.of("text", text, "part", 1, "edit", Map.of("kind", "REMOVAL", "place", "same 0"))));
        assertEquals(text.replace("  same Element as Component\n\n", ""), JsonPath.read(changed, "$.text"));
        putInForce(exercise).andExpect(jsonPath("$.number").value(1));

        long submission = id(handIn(exercise, "1", """
                interface Freight { double kilos(); void accept(Clerk clerk); }
                class Crate implements Freight {
                  public double kilos() { return 4; }
                  public void accept(Clerk clerk) { clerk.crate(this); }
                }
                class Box implements Freight {
                  private final java.util.List<Freight> inside = new java.util.ArrayList<>();
                  void put(Freight f) { inside.add(f); }
                  public double kilos() { double sum = 0; for (Freight f : inside) { sum += f.kilos(); } return sum; }
                  public void accept(Clerk clerk) { clerk.box(this); for (Freight f : inside) { f.accept(clerk); } }
                }
                interface Clerk { void crate(Crate crate); void box(Box box); }
                class Counter implements Clerk {
                  int crates;
                  public void crate(Crate crate) { crates++; }
                  public void box(Box box) { }
                }
                """));
        http.perform(get("/api/submissions/" + submission).session(lead))
                .andExpect(jsonPath("$.report.pattern").value("composite+visitor"))
                .andExpect(jsonPath("$.report.roles.Component", contains("Freight")))
                .andExpect(jsonPath("$.report.roles.Element", contains("Freight")))
                .andExpect(jsonPath("$.report.roles.Visitor", contains("Clerk")))
                .andExpect(jsonPath("$.report.findings[?(@.status != 'MET')]", hasSize(0)));
    }

    @Test
    void whatTheCatalogueAsksForBesidesCanBePutIn() throws Exception {
        String text = Catalogue.text("visitor").orElseThrow();
        String without = JsonPath.read(
                body(send(
                        post("/api/notation/edit"),
                        Map.of(
                                "text",
                                text,
                                "edit",
                                Map.of("kind", "REMOVAL", "place", "form told apart in one place")))),
                "$.text");

        send(post("/api/notation/read"), Map.of("text", without))
                .andExpect(jsonPath("$.parts[0].ready[?(@.sort == 'FORM')].text", hasSize(1)));
    }

    @Test
    void allMistakesOfATextAreToldAtOnceAndWhatFollowsFromOneIsNot() throws Exception {
        String text = Catalogue.text("strategy")
                .orElseThrow()
                .replace("role Strategy          an abstraction", "role Strategy an abstracton")
                .replace("pitfall ", "pitfal ");

        send(post("/api/notation/read"), Map.of("text", text))
                .andExpect(jsonPath(
                        "$.mistakes[*].message",
                        contains(
                                containsString("Did you mean 'abstraction'?"),
                                containsString("Did you mean 'pitfall'?"))));
    }

    @Test
    void whatAPersonJudgesIsOpenUntilALevelIsChosen() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        Map<String, Object> criterion = Map.of(
                "id", "names",
                "text", "Names say what things are.",
                "levels",
                        java.util.List.of(Map.of("points", 2, "text", "all do"), Map.of("points", 0, "text", "none")));
        settings(exercise, Map.of("title", "T", "zone", "UTC", "criteria", java.util.List.of(criterion, criterion)))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("names another criterion already")));
        settings(exercise, Map.of("title", "T", "zone", "UTC", "criteria", java.util.List.of(criterion)))
                .andExpect(status().isOk());
        putInForce(exercise);
        long submission = id(handIn(exercise, "1"));

        http.perform(get("/api/submissions/" + submission).session(lead))
                .andExpect(jsonPath("$.criteria[0].levels[0].text").value("all do"))
                .andExpect(jsonPath("$.review.points").value(14.0))
                .andExpect(jsonPath("$.review.open").value(2.0))
                .andExpect(jsonPath("$.review.possible").value(16.0));
        http.perform(get("/api/exercises/" + exercise + "/grades").session(lead))
                .andExpect(jsonPath("$.rows[?(@.handedIn)].possible", contains(16.0)));
        send(
                        put("/api/submissions/" + submission + "/points")
                                .param("item", "criterion:names")
                                .header("If-Match", "\"new\""),
                        Map.of("points", 2, "reason", "all do"))
                .andExpect(jsonPath("$.points").value(16.0))
                .andExpect(jsonPath("$.open").value(0.0));
    }

    @Test
    void aTextIsReadChangedAndCompletedWithoutBeingKept() throws Exception {
        String text = Catalogue.text("strategy").orElseThrow();

        send(post("/api/notation/read"), Map.of("text", text))
                .andExpect(jsonPath("$.parts[0].claims[0].place").value("require abstraction"))
                .andExpect(jsonPath("$.parts[0].claims[0].conditions[0].parts[0].sort")
                        .value("abstraction"));
        String changed = body(send(
                post("/api/notation/edit"),
                Map.of("text", text, "edit", Map.of("kind", "WORTH", "place", "require held", "points", 7.5))));
        assertEquals(
                text.replace(
                        "require held essential 2 \"{Context} keeps", "require held essential 7.5 \"{Context} keeps"),
                JsonPath.read(changed, "$.text"));
        send(
                        post("/api/notation/edit"),
                        Map.of("text", text, "edit", Map.of("kind", "WORTH", "place", "require held", "points", -1)))
                .andExpect(status().isUnprocessableEntity());
        send(post("/api/notation/read"), Map.of("text", "pattern"))
                .andExpect(jsonPath("$.mistakes[0].line").value(1))
                .andExpect(jsonPath("$.patterns").isEmpty());
        send(post("/api/notation/complete"), Map.of("text", "pattern a \"A\"\n\"B.\"\nro", "at", 20))
                .andExpect(jsonPath("$.choices", hasItem("role")));
        send(post("/api/notation/layout"), Map.of("text", "x")).andExpect(status().isConflict());
        http.perform(get("/api/notation/vocabulary").session(lead))
                .andExpect(jsonPath("$.relations[?(@.words == 'realises ROLE')].meaning", hasSize(1)));
    }

    @Test
    void aPictureOfTheBriefIsServedAsOneAndNothingElseIs() throws Exception {
        long exercise = begin(Map.of("pattern", "strategy"));
        upload(exercise, "images", "quay.png", "PNG");

        http.perform(get("/api/exercises/" + exercise + "/picture?path=images/quay.png&written=true")
                        .session(lead))
                .andExpect(content().contentType("image/png"));
        http.perform(get("/api/exercises/" + exercise + "/picture?path=exercise.yaml&written=true")
                        .session(lead))
                .andExpect(status().isNotFound());
    }
}
