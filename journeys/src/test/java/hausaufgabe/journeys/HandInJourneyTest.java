package hausaufgabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;

/** From the list of the school to a student's receipt, and everybody's work at once. */
class HandInJourneyTest extends Journey {

    private static final Path TIDE = Path.of("../exercises/02-the-tide-gauge-speaks");

    private static Page.GetByLabelOptions exact() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static LocatorAssertions.IsVisibleOptions checked() {
        return new LocatorAssertions.IsVisibleOptions().setTimeout(CHECKED_MILLISECONDS);
    }

    private void openStudents() {
        signIn("maike");
        page.getByRole(AriaRole.LINK, exactly("Software Design II")).first().click();
        page.getByRole(AriaRole.LINK, exactly("Students")).click();
        assertThat(page.getByRole(AriaRole.HEADING, exactly("Students"))).isVisible();
    }

    @Test
    void aRosterIsLookedAtBeforeItCountsAndAStudentHandsIn() throws Exception {
        openStudents();
        page.getByRole(AriaRole.BUTTON, exactly("Take in a roster")).click();
        String csv = "Matr.-Nr.;Wer;Gruppe;E-Mail\n"
                + "20261001;Jorun Tormählen;B;jorun@hafen.test\n"
                + "20269901;Enno Wattmann;A;enno@hafen.test\n"
                + "20269901;Enno Doppelt;A;\n";
        page.getByLabel("The file with the roster")
                .setInputFiles(new FilePayload("liste.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        // a column of which nobody can say what it is
        assertThat(page.getByText("Say which column holds the name")).isVisible();
        page.getByLabel("What Wer is").selectOption("name");
        Locator lines = page.getByLabel("What would change");
        assertThat(lines.getByRole(AriaRole.LISTITEM)).hasCount(3);
        assertThat(lines).containsText("the number 20269901 stands in record 3 already");
        assertThat(lines).containsText("group A → B");
        nothingBarsTheWay();
        page.getByRole(AriaRole.BUTTON, exactly("Do this")).click();
        page.getByPlaceholder("Find by name").fill("Enno Wattmann");
        assertThat(page.getByLabel("Roster").getByText("Enno Wattmann").first()).isVisible();
        assertThat(page.getByText("no sign-in yet").first()).isVisible();

        // the link that works once
        page.getByRole(AriaRole.BUTTON, named("Make a link for Enno Wattmann")).click();
        String link = page.getByLabel("Links").locator("code").innerText();
        signOut();
        page.navigate(link);
        page.getByLabel("New password").fill("low water at three");
        page.getByRole(AriaRole.BUTTON, named("Choose this password")).click();
        page.getByRole(AriaRole.LINK, named("Sign in")).click();
        page.getByLabel("Your sign-in").fill("20269901");
        page.getByLabel("Password").fill("low water at three");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Your exercises, Enno")).isVisible();
        nothingBarsTheWay();

        // the brief, and a first try that is no work
        page.getByRole(AriaRole.LINK, named("The tide gauge speaks")).click();
        assertThat(page.getByText("The last attempt counts; 3 left")).isVisible();
        page.getByLabel("Your work: files")
                .setInputFiles(new FilePayload("notes.txt", "text/plain", "soon".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was stored");

        page.getByLabel("Your work: files").setInputFiles(zip(TIDE.resolve("wrong/only-the-first")));
        assertThat(page.getByText("5 files were read, with 5 types.")).isVisible(checked());
        nothingBarsTheWay();
        page.getByRole(AriaRole.BUTTON, exactly("Hand it in")).click();
        assertThat(page.getByText("Handed in as attempt 1")).isVisible();
        page.getByRole(AriaRole.LINK, exactly("Open the receipt")).click();
        assertThat(page.getByText("SHA-256")).isVisible();
        assertThat(page.getByText("missing").first()).isVisible(checked());
        assertThat(page.getByText("but not on every one of")).isVisible();
        assertThat(page.getByText("of 21 proposed")).hasCount(0);
        nothingBarsTheWay();

        // on a telephone nothing lies beside the page
        page.setViewportSize(390, 800);
        assertTrue((boolean) page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"));

        // what is the staff's is not a student's
        page.navigate("/accounts");
        assertThat(page.getByText("Your duty in this course does not include that"))
                .isVisible();
    }

    private void shell(Path at, String... command) throws Exception {
        ProcessBuilder b = new ProcessBuilder(command).directory(at.toFile()).redirectErrorStream(true);
        b.environment().put("GIT_TERMINAL_PROMPT", "0");
        b.environment().put("GIT_CONFIG_GLOBAL", "/dev/null");
        Process p = b.start();
        pushed = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(0, p.waitFor(), pushed);
    }

    private void step(Path work, Path from, String message) throws Exception {
        try (Stream<Path> files = Files.walk(from)) {
            for (Path f : files.filter(Files::isRegularFile).toList()) {
                Files.copy(f, work.resolve(from.relativize(f).toString()), StandardCopyOption.REPLACE_EXISTING);
            }
        }
        commit(work, message);
    }

    private void commit(Path work, String message) throws Exception {
        shell(work, "git", "add", "-A");
        shell(work, "git", "-c", "user.name=J", "-c", "user.email=j@hafen.test", "commit", "-qm", message);
    }

    /** What the shell said last. */
    private String pushed = "";

    @Test
    void smallStepsArePushedByGitAndSeenOneByOne() throws Exception {
        signInAsStudent();
        page.getByRole(AriaRole.LINK, named("The port guide")).click();
        assertThat(page.getByText("This exercise asks for small safe steps")).isVisible();
        nothingBarsTheWay();
        String[] shown = page.getByText("git clone").innerText().split(" ");

        // a token in place of the password
        page.getByRole(AriaRole.LINK, exactly("make here")).click();
        page.getByLabel("What it is for").fill("my laptop");
        page.getByRole(AriaRole.BUTTON, exactly("Make a token")).click();
        String token = page.getByLabel("The new token").innerText();
        assertThat(page.getByText("not used yet")).isVisible();
        nothingBarsTheWay();

        Path home = Files.createTempDirectory("hausaufgabe-git");
        shell(home, "git", "clone", "-q", shown[2].replace("://", "://20261001:" + token + "@"), shown[3]);
        Path work = home.resolve(shown[3]);
        Files.writeString(work.resolve("harbour/Broken.java"), "package harbour;\nclass Broken { int x = ; }\n");
        commit(work, "Half a thought");
        Files.delete(work.resolve("harbour/Broken.java"));
        step(work, Path.of("../exercises/08-the-port-guide/wrong/knows-the-class"), "It holds the table");
        step(work, Path.of("../exercises/08-the-port-guide/solutions/reference"), "It knows it by what it is asked");
        shell(work, "git", "push", "origin", "main");
        assertTrue(pushed.contains("remote: Handed in as attempt 1 of The port guide."), pushed);
        assertTrue(pushed.contains("remote: All of it: " + application.address() + "/submissions/"), pushed);

        page.navigate(pushed.replaceAll("(?s).*All of it: (\\S+).*", "$1"));
        Locator steps = page.getByLabel("Steps").getByRole(AriaRole.LISTITEM);
        assertThat(page.getByText("in 3 steps. One of them leaves the program broken."))
                .isVisible(checked());
        assertThat(steps.nth(0)).containsText("Half a thought");
        assertThat(steps.nth(0)).containsText("does not compile");
        assertThat(steps.nth(2)).containsText("went well");
        nothingBarsTheWay();
        page.navigate("/password");
        assertThat(page.getByText("last used")).isVisible();
        page.navigate("/");
        signOut();

        // the staff see the same
        signIn("maike");
        page.navigate(pushed.replaceAll("(?s).*All of it: (\\S+).*", "$1"));
        assertThat(page.getByRole(AriaRole.HEADING, exactly("Step by step"))).isVisible();
        assertThat(steps.nth(1)).containsText("It holds the table");
        nothingBarsTheWay();
    }

    private void signInAsStudent() {
        page.navigate("/sign-in");
        page.getByLabel("Your sign-in").fill("20261001");
        page.getByLabel("Password").fill("nordhafen");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Your exercises, Jorun")).isVisible();
    }

    @Test
    void everybodysWorkAtOnceIsSettledAndThenCounts() throws Exception {
        signIn("jonte");
        page.getByRole(AriaRole.LINK, exactly("The tide gauge speaks")).first().click();
        page.getByRole(AriaRole.LINK, exactly("Hand in for many at once")).click();
        Map<String, byte[]> pile = new LinkedHashMap<>();
        put(pile, "20261002_Strandvoss", TIDE.resolve("wrong/silent-change"));
        put(pile, "Fenja Warftner", TIDE.resolve("solutions/reference"));
        put(pile, "somebody", TIDE.resolve("solutions/reference"));
        pile.put("all/empty/notes.txt", new byte[] {'x'});
        page.getByLabel("Everybody’s work: files")
                .setInputFiles(new FilePayload("everybody.zip", "application/zip", zipped(pile)));

        assertThat(page.getByText("Two are ready, 1 needs you, 1 cannot be used."))
                .isVisible(checked());
        assertThat(page.getByText("Settle one first")).isDisabled();
        nothingBarsTheWay();
        page.getByLabel("Whose somebody is")
                .selectOption(page.getByLabel("Whose somebody is")
                        .locator("option")
                        .nth(10)
                        .getAttribute("value"));
        page.getByRole(AriaRole.BUTTON, exactly("Hand in all 3")).click();
        assertThat(page.getByText("Three handed in, and their checks have begun."))
                .isVisible();
        page.getByRole(AriaRole.LINK, exactly("See them")).click();
        Locator handedIn = page.locator("#submissions");
        assertThat(handedIn.getByText("Fenja Warftner")).isVisible();
        assertThat(handedIn.getByText("Okke Strandvoss")).isVisible();
    }

    private static void put(Map<String, byte[]> pile, String who, Path sources) throws Exception {
        try (Stream<Path> files = Files.walk(sources)) {
            for (Path f : files.filter(Files::isRegularFile).toList()) {
                pile.put("all/" + who + "/" + sources.relativize(f), Files.readAllBytes(f));
            }
        }
    }

    private static byte[] zipped(Map<String, byte[]> files) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, byte[]> e : files.entrySet()) {
                out.putNextEntry(new ZipEntry(e.getKey()));
                out.write(e.getValue());
            }
        }
        return bytes.toByteArray();
    }

    @Test
    void linksForAllAreTakenOutBeforeTheyArePutAway() throws Exception {
        openStudents();
        page.getByRole(AriaRole.BUTTON, named("Make links for the")).click();
        assertThat(page.getByText("Take them before this is put away")).isDisabled();
        Download csv = page.waitForDownload(
                () -> page.getByRole(AriaRole.BUTTON, named("Take them as CSV")).click());
        String text = Files.readString(csv.path());
        assertTrue(text.startsWith("number,name,email,sign-in,link"), text);
        assertTrue(text.contains("/welcome#"), text);
        page.getByRole(AriaRole.BUTTON, exactly("Put this away")).click();
        assertThat(page.getByText("has a link, no password yet").first()).isVisible();
    }
}
