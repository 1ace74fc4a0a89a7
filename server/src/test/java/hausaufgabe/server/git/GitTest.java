package hausaufgabe.server.git;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.Lateness;
import hausaufgabe.server.Application;
import hausaufgabe.server.Harbour;
import hausaufgabe.server.account.AccessTokens;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.account.TokenScope;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.submission.PushView;
import hausaufgabe.server.submission.Steps;
import hausaufgabe.server.submission.Submissions;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;

/** The real git client against the real server: what a push comes to, and what is refused with which reason. */
@SpringBootTest(
        classes = Application.class,
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:mem:${random.uuid}",
            "hausaufgabe.demo=none",
            "hausaufgabe.data=${java.io.tmpdir}/hausaufgabe-git-${random.uuid}"
        })
@Import(Harbour.class)
class GitTest {

    private static final String PASSWORD = "low water at three";

    @LocalServerPort
    private int port;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private AccessTokens tokens;

    @Autowired
    private Courses courses;

    @Autowired
    private Submissions submissions;

    @Autowired
    private Steps steps;

    @Autowired
    private JdbcTemplate records;

    @TempDir
    private Path temporary;

    private Harbour.Place place;
    private Person fenja;
    private Path work;

    private record Ran(int exit, String output) {}

    @BeforeEach
    void open() {
        place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"), new Student(0, "2", "Onno Krabbe", "B"));
        set(ExerciseSettings.Attempts.ANY);
        fenja = student(0);
        work = temporary.resolve("work");
    }

    private Person student(int which) {
        Person made = accounts.create(
                "s" + UUID.randomUUID().toString().substring(0, 8), "Somebody", PASSWORD, Person.Role.STUDENT);
        courses.signsInAs(place.students().get(which).id(), made.id());
        return made;
    }

    private void set(ExerciseSettings.Attempts attempts) {
        harbour.change(
                place,
                Harbour.settings(
                        "2030-01-01T20:00", Lateness.NONE, attempts, ExerciseSettings.Shown.FINDINGS_AND_SCENARIOS));
    }

    private String address(Person person, String secret, int student) {
        return "http://" + person.login() + ":" + secret.replace(" ", "%20") + "@127.0.0.1:" + port
                + new GitAddress(place.exercise(), place.students().get(student).id()).path();
    }

    private Ran run(Path at, String... command) {
        try {
            ProcessBuilder b =
                    new ProcessBuilder(command).directory(at.toFile()).redirectErrorStream(true);
            b.environment().put("GIT_TERMINAL_PROMPT", "0");
            b.environment().put("GIT_CONFIG_GLOBAL", "/dev/null");
            b.environment().put("GIT_CONFIG_NOSYSTEM", "1");
            Process p = b.start();
            String output = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertTrue(p.waitFor(60, TimeUnit.SECONDS));
            return new Ran(p.exitValue(), output);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private Ran git(String... arguments) {
        List<String> command =
                new ArrayList<>(List.of("git", "-c", "user.name=Fenja", "-c", "user.email=fenja@hafen.test"));
        command.addAll(List.of(arguments));
        return run(Files.exists(work) ? work : temporary, command.toArray(String[]::new));
    }

    private void cloned() {
        Ran ran = git("clone", "-q", address(fenja, PASSWORD, 0), "work");
        assertEquals(0, ran.exit(), ran.output());
    }

    private void commit(String text, String message) throws IOException {
        Files.writeString(work.resolve("Fees.java"), text);
        git("add", "-A");
        assertEquals(0, git("commit", "-q", "-m", message).exit());
    }

    private int attempts() {
        return submissions
                .attempts(place.exercise(), place.students().get(0).id())
                .size();
    }

    @Test
    void aPushIsAnAttemptAndTellsWhatWasFound() throws Exception {
        cloned();
        assertTrue(Files.readString(work.resolve("BRIEF.md")).contains("Brief."));
        commit(Harbour.GOOD, "The fees go into classes of their own");

        Ran pushed = git("push", "origin", "main");

        assertEquals(0, pushed.exit(), pushed.output());
        assertTrue(pushed.output().contains("remote: Handed in as attempt 1 of What a berth costs."), pushed.output());
        assertTrue(pushed.output().contains("claims hold."), pushed.output());
        assertTrue(pushed.output().contains("http://127.0.0.1:" + port + "/submissions/"), pushed.output());
        long id = submissions
                .attempts(place.exercise(), place.students().get(0).id())
                .get(0)
                .id();
        PushView view = steps.of(id);
        assertEquals("The fees go into classes of their own", view.commit().message());
        assertEquals(git("rev-parse", "HEAD").output().strip(), view.commit().hash());
        assertEquals(
                List.of("Fees.java"),
                submissions.sources(id).sources().stream().map(s -> s.path()).toList());

        // only words changed: what is checked is the same
        Files.writeString(work.resolve("NOTES.md"), "high water");
        git("add", "-A");
        git("commit", "-q", "-m", "Notes");
        Ran again = git("push", "origin", "main");
        assertTrue(again.output().contains("No new attempt"), again.output());
        assertEquals(1, attempts());
    }

    @Test
    void historyIsNotRewrittenAndOnlyMainIsTaken() throws Exception {
        cloned();
        commit(Harbour.GOOD, "One");
        git("push", "-q", "origin", "main");
        String before = git("ls-remote", "origin", "main").output();

        git("commit", "-q", "--amend", "-m", "Another one");
        Ran forced = git("push", "--force", "origin", "main");
        assertNotEquals(0, forced.exit());
        assertTrue(forced.output().contains("main cannot be rewritten"), forced.output());
        Ran branch = git("push", "origin", "HEAD:refs/heads/idea");
        assertTrue(branch.output().contains("only the branch main is handed in"), branch.output());
        Ran tag = git("push", "origin", "HEAD:refs/tags/v1");
        assertTrue(tag.output().contains("only the branch main is handed in"), tag.output());
        Ran deleted = git("push", "origin", ":main");
        assertTrue(deleted.output().contains("cannot be deleted"), deleted.output());

        assertEquals(
                before,
                git("ls-remote", "origin")
                                .output()
                                .lines()
                                .filter(l -> l.endsWith("refs/heads/main"))
                                .findFirst()
                                .orElse("")
                        + "\n");
        assertEquals(1, attempts());
    }

    @Test
    void whatCannotBeUsedIsRefusedWithTheReasonAndCanBeMended() throws Exception {
        cloned();
        Files.writeString(work.resolve("notes.txt"), "soon");
        git("add", "-A");
        git("commit", "-q", "-m", "Soon");
        Ran empty = git("push", "origin", "main");
        assertNotEquals(0, empty.exit());
        assertTrue(empty.output().contains("Nothing was stored"), empty.output());

        byte[] large = new byte[6 << 20];
        new Random(7).nextBytes(large);
        Files.write(work.resolve("film.bin"), large);
        commit(Harbour.GOOD, "With a film");
        Ran film = git("push", "origin", "main");
        assertNotEquals(0, film.exit());
        assertTrue(film.output().toLowerCase(java.util.Locale.ROOT).contains("too large"), film.output());
        assertEquals(0, attempts());

        git("rm", "-q", "--cached", "film.bin");
        Files.delete(work.resolve("film.bin"));
        git("commit", "-q", "--amend", "-m", "Without");
        assertEquals(0, git("push", "origin", "main").exit());
        assertEquals(1, attempts());
    }

    @Test
    void asManyAttemptsAsTheExerciseAllows() throws Exception {
        set(new ExerciseSettings.Attempts(1, ExerciseSettings.Counting.LAST));
        cloned();
        commit(Harbour.GOOD, "One");
        assertEquals(0, git("push", "origin", "main").exit());
        commit(Harbour.GOOD + "// more", "Two");

        Ran second = git("push", "origin", "main");

        assertNotEquals(0, second.exit());
        assertTrue(second.output().contains("allows 1 attempt"), second.output());
        assertEquals(1, attempts());
    }

    @Test
    void everyStepIsLookedAtWhereTheExerciseAsksForSteps() throws Exception {
        set(new ExerciseSettings.Attempts(0, ExerciseSettings.Counting.LAST, true));
        cloned();
        commit("class Office { int bill(int kind) { return kind == 1 ? 7 : 9; } }", "As it was");
        commit("class Office { int bill(int kind) { return kind } }", "Broken");
        commit(Harbour.GOOD, "With classes");
        Ran pushed = git("push", "origin", "main");
        assertEquals(0, pushed.exit(), pushed.output());

        long id = submissions
                .attempts(place.exercise(), place.students().get(0).id())
                .get(0)
                .id();
        PushView view = steps.of(id);
        assertEquals(
                List.of("As it was", "Broken", "With classes"),
                view.steps().stream().map(s -> s.commit().message()).toList());
        assertEquals(
                List.of(true, false, true),
                view.steps().stream().map(PushView.StepView::compiled).toList());
        assertTrue(
                view.steps().get(1).error().contains("Fees.java:1"),
                view.steps().get(1).error());
        PushView.StepView last = view.steps().get(2);
        assertTrue(
                last.roles().stream().anyMatch(r -> r.came().contains("ByMetre")),
                last.roles().toString());
        // a student does not see more of it than of the rest
        PushView nothing = view.shown(ExerciseSettings.Shown.NOTHING);
        assertTrue(nothing.steps().get(2).roles().isEmpty());
        assertFalse(nothing.steps().get(1).compiled());
        // what broke the checker then is tried anew with the rest
        records.update("update step set outcome = null, problem = 'It broke the checker.' where submission_id = ?", id);
        submissions.checkAgain(id);
        assertEquals(view, steps.of(id));
    }

    @Test
    void aTokenStandsForThePasswordUntilItIsTakenBack() {
        AccessTokens.NewToken token = tokens.make(fenja, "my laptop", Set.of(TokenScope.GIT));
        assertEquals(0, git("ls-remote", address(fenja, token.secret(), 0)).exit());
        Person other = student(1);
        assertNotEquals(0, git("ls-remote", address(other, token.secret(), 1)).exit());

        tokens.revoke(fenja, token.token().id());

        assertNotEquals(0, git("ls-remote", address(fenja, token.secret(), 0)).exit());
    }

    @Test
    void nobodySeesWhatIsAnothersAndStaffOnlyRead() throws Exception {
        Person onno = student(1);
        assertTrue(git("ls-remote", address(onno, PASSWORD, 0)).output().contains("not found"));
        assertNotEquals(0, git("ls-remote", address(fenja, "wrong password", 0)).exit());
        Ran nobody = git(
                "ls-remote",
                "http://127.0.0.1:" + port
                        + new GitAddress(
                                        place.exercise(),
                                        place.students().get(0).id())
                                .path());
        assertNotEquals(0, nobody.exit());
        assertNotEquals(
                0,
                git("ls-remote", "http://x:y@127.0.0.1:" + port + "/git/..%2f..%2frecords")
                        .exit());

        assertEquals(
                0,
                git("clone", "-q", address(harbour.tutor, "nordhafen", 0), "work")
                        .exit());
        commit(Harbour.GOOD, "By the staff");
        assertNotEquals(0, git("push", "origin", "main").exit());
        assertEquals(0, attempts());
    }

    @Test
    void twoPushesAtOnceAreTwoAttemptsOrOneOfThemIsRefused() throws Exception {
        cloned();
        Path second = temporary.resolve("second");
        run(temporary, "git", "clone", "-q", address(fenja, PASSWORD, 0), "second");
        commit(Harbour.GOOD, "Here");
        Files.writeString(second.resolve("Other.java"), Harbour.GOOD + "// there");
        run(second, "git", "add", "-A");
        run(second, "git", "-c", "user.name=F", "-c", "user.email=f@hafen.test", "commit", "-q", "-m", "There");

        List<Ran> ran = new ArrayList<>();
        Thread other = new Thread(() -> ran.add(run(second, "git", "push", "origin", "main")));
        other.start();
        Ran here = git("push", "origin", "main");
        other.join();

        assertEquals(
                1, List.of(here, ran.get(0)).stream().filter(r -> r.exit() == 0).count());
        assertEquals(1, attempts());
    }
}
