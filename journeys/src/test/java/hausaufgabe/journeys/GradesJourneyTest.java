package hausaufgabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The grades of a course, with two of the staff in browsers of their own at the same time. */
class GradesJourneyTest extends Journey {

    /** Where somebody else of the staff is at the same time. */
    private Page other(String login) {
        BrowserContext context = beside();
        Page there = context.newPage();
        signInAt(there, login);
        return there;
    }

    private Locator row(Page at, String student) {
        return at.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(student));
    }

    private static Locator button(Page at, String name) {
        return at.getByRole(AriaRole.BUTTON, named(name));
    }

    @Test
    void whatOneChangesTheOtherSees() throws Exception {
        signIn("maike");
        handIn("Harm Sandvik", Path.of("../samples/strategy/21-makes-its-own"));
        Page jonte = other("jonte");
        jonte.navigate("/courses/1/grades");
        jonte.getByRole(AriaRole.COMBOBOX, named("Group")).selectOption("");
        jonte.getByPlaceholder("Find a name or number").fill("Harm Sandvik");
        assertThat(row(jonte, "Harm Sandvik")).hasCount(1);
        String before = row(jonte, "Harm Sandvik").innerText();
        assertThat(jonte.locator("[data-cell='0:2']")).hasAttribute("title", Pattern.compile("open with Maike Thiede"));

        page.locator("[data-points]").first().click();
        page.getByLabel("Points, of").fill("0.25");
        page.getByLabel("Why").fill("As we agreed.");
        button(page, "Give these points").click();

        assertThat(row(jonte, "Harm Sandvik")).not().hasText(before);
        page.navigate("/courses/1/history");
        assertThat(page.getByText("As we agreed.").first()).isVisible();
        nothingBarsTheWay();
    }

    @Test
    void whatTwoWriteAtOnceIsDecidedByWhoComesSecond() throws Exception {
        signIn("maike");
        handIn("Enno Nordwarf", Path.of("../samples/strategy/01-three-rules"));
        Page jonte = other("jonte");
        jonte.navigate(page.url());
        assertThat(jonte.getByText("Maike Thiede has this open, too.")).isVisible();
        button(jonte, "Write feedback").click();
        jonte.getByLabel("Feedback, in Markdown").fill("From Jonte.");
        assertThat(jonte.getByText("Not saved yet; kept in this browser.")).isVisible();

        // gone and back, what was not saved is still there
        jonte.reload();
        assertThat(jonte.getByLabel("Feedback, in Markdown")).hasValue("From Jonte.");
        button(page, "Write feedback").click();
        page.getByLabel("Feedback, in Markdown").fill("From Maike.");
        button(page, "Save feedback").click();

        Locator both = jonte.getByRole(AriaRole.ALERT, named("Written at the same time"));
        assertThat(both).containsText("Maike Thiede has written meanwhile:");
        assertThat(both).containsText("From Maike.");
        assertThat(button(jonte, "Save feedback")).isDisabled();
        button(jonte, "Put mine below theirs").click();
        assertThat(jonte.getByLabel("Feedback, in Markdown")).hasValue("From Maike.\n\nFrom Jonte.");
        button(jonte, "Save feedback").click();

        assertThat(page.getByText("From Jonte.")).isVisible();
        button(page, "what stood before").first().click();
        button(page, "bring it back").click();
        assertThat(jonte.getByText("From Jonte.")).hasCount(0);
        assertThat(jonte.getByText("From Maike.")).isVisible();
    }

    @Test
    void withTheConnectionGoneWhatIsWrittenIsSaidToBeUnsent() throws Exception {
        signIn("maike");
        handIn("Gesche Mastrup", Path.of("../samples/strategy/01-three-rules"));
        page.context().setOffline(true);
        assertThat(page.getByText("The server cannot be reached.").first()).isVisible();
        button(page, "Write feedback").click();
        page.getByLabel("Feedback, in Markdown").fill("Written on the ferry.");
        assertThat(page.getByText("Not saved yet; kept in this browser.")).isVisible();

        page.context().setOffline(false);
        page.reload();
        assertThat(page.getByLabel("Feedback, in Markdown")).hasValue("Written on the ferry.");
        button(page, "Save feedback").click();
        assertThat(page.getByLabel("Feedback, in Markdown")).hasCount(0);
        assertThat(page.getByText("Written on the ferry.")).isVisible();
    }

    @Test
    void workIsSharedOutAndReadByTwoWhoDiffer() throws Exception {
        signIn("maike");
        handIn(2, "Fenja Warftner", Path.of("../samples/observer/03-pull"));
        String submission = page.url();
        page.navigate("/exercises/2/readers");
        page.getByLabel("Evenly, whatever the group").check();
        for (String left : new String[] {"Antje Kliffsand", "Inken Bojer", "Jonte Harmsdeich", "Nis Petersdeich"}) {
            page.getByLabel(left, new Page.GetByLabelOptions().setExact(true)).uncheck();
        }
        button(page, "Share it out").click();
        assertThat(page.getByText("nothing that was handed in lies in the common stack"))
                .isVisible();
        page.getByLabel("Who reads Fenja Warftner").selectOption("Antje Kliffsand");
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Antje Kliffsand")))
                .containsText(Pattern.compile("1\\s*1"));
        page.navigate(submission);
        assertThat(page.getByText("Given to Antje Kliffsand to read.")).isVisible();
        button(page, "Settle and go on").click();

        page.navigate("/exercises/2/read-twice");
        page.getByLabel("Share in percent").fill("100");
        button(page, "Draw").click();
        assertThat(page.getByText("to be read").first()).isVisible();
        nothingBarsTheWay();
        page.navigate("/exercises/2/give-back");
        assertThat(page.getByText("it is being read a second time.")).isVisible();

        // what the first gave is kept from the second, who gives less for something
        Page antje = other("antje");
        antje.getByText("for you to read a second time").click();
        antje.getByRole(AriaRole.REGION, named("For you to read"))
                .getByRole(AriaRole.LINK)
                .first()
                .click();
        assertThat(antje.getByText("What the first reader gave is kept from you"))
                .isVisible();
        assertThat(antje.getByText("Settled by")).hasCount(0);
        antje.locator("[data-points]").first().click();
        antje.getByLabel("Points, of").fill("0.25");
        antje.getByLabel("Why").fill("I see it otherwise.");
        button(antje, "Give these points").click();
        assertThat(antje.getByText("as you give them")).isVisible();
        button(antje, "I have read it").click();
        assertThat(antje.getByText("Settled by Maike Thiede")).isVisible();

        page.navigate("/exercises/2/read-twice");
        Locator differing = page.getByRole(AriaRole.REGION, named("Where two differ"));
        assertThat(differing).containsText("I see it otherwise.");
        button(page, "As Antje Kliffsand").click();
        assertThat(page.getByLabel("Why, for both")).hasValue("I see it otherwise.");
        nothingBarsTheWay();
        button(page, "Settle it so").click();
        assertThat(differing).hasCount(0);
        assertThat(page.getByText(Pattern.compile("^one, in"))).isVisible();
        page.navigate("/courses/1/grades");
        page.getByPlaceholder("Find a name or number").fill("Fenja Warftner");
        assertThat(page.locator("[data-cell='0:3']")).hasAttribute("title", Pattern.compile("settled, read by two"));
    }

    @Test
    void pointsGoOutAsATableAndComeInChanged() throws Exception {
        signIn("maike");
        handIn("Okke Ankersen", Path.of("../samples/strategy/01-three-rules"));
        String submission = page.url();
        page.navigate("/exercises/1/points");
        Download download =
                page.waitForDownload(() -> page.getByText("Take out, 2,5").click());
        String table = Files.readString(download.path());
        String line = table.lines()
                .filter(l -> l.contains("Okke Ankersen"))
                .reduce((a, b) -> b)
                .orElseThrow();
        int delegates =
                List.of(table.lines().findFirst().orElseThrow().split(",")).indexOf("requirement:delegates");
        String[] cells = line.split(",", -1);
        cells[delegates] = "99";
        Path changed = Files.createTempFile("points", ".csv");
        Files.writeString(changed, table.replace(line, String.join(",", cells)));
        page.getByLabel("The table with the points").setInputFiles(changed);
        assertThat(page.getByText("99 cannot be given here.")).isVisible();
        assertThat(button(page, "Make")).hasCount(0);

        cells[delegates] = "\"0,75\"";
        Files.writeString(changed, table.replace(line, String.join(",", cells)));
        page.waitForFileChooser(
                        () -> page.getByLabel("The table with the points").click())
                .setFiles(changed);
        assertThat(page.getByText("1 change;")).isVisible();
        nothingBarsTheWay();
        page.getByLabel("Why").fill("As agreed at the quay.");
        button(page, "Make 1 change in 1 submission").click();
        assertThat(page.getByText("1 change made in 1 submission.")).isVisible();
        page.navigate(submission);
        assertThat(page.getByText("As agreed at the quay.").first()).isVisible();
        Files.delete(changed);
    }

    @Test
    void aCourseLeavesAndComesIn() throws Exception {
        signIn("maike");
        button(page, "Begin another course").click();
        page.getByLabel("Title").fill("Tide tables");
        button(page, "Begin the course").click();
        assertThat(page.locator("h1")).hasText("Tide tables");
        Download download = page.waitForDownload(
                () -> page.getByText("Take the whole course out").click());
        Path archive = Files.createTempFile("course", ".zip");
        download.saveAs(archive);

        page.navigate("/");
        page.getByText("Bring in one from another installation").first().click();
        Path none = Files.createTempFile("none", ".zip");
        page.getByLabel("The file with the course").setInputFiles(none);
        assertThat(page.getByText("Nothing was stored").first()).isVisible();
        page.waitForFileChooser(
                        () -> page.getByLabel("The file with the course").click())
                .setFiles(archive);
        assertThat(page.getByText("is the maike of this place")).isVisible();
        nothingBarsTheWay();
        page.getByLabel("is the maike of this place").click();
        assertThat(page.getByText("will sign in as maike-2")).isVisible();
        page.getByLabel("is the maike of this place").click();
        assertThat(page.getByText("will sign in as maike-2")).hasCount(0);
        button(page, "Bring in Tide tables").click();
        assertThat(page.getByText("It is here, and you lead it")).isVisible();
        page.getByRole(AriaRole.MAIN).getByText("Tide tables").click();
        assertThat(page.locator("h1")).hasText("Tide tables");
        assertThat(page.getByText("No student is in it yet")).isVisible();
        Files.delete(archive);
        Files.delete(none);
    }

    @Test
    void workIsGivenBackAndItsStudentAsks() throws Exception {
        signIn("maike");
        handIn("Wiebke Deichgraf", Path.of("../samples/strategy/01-three-rules"));
        String submission = page.url();
        button(page, "Settle and go on").click();
        page.navigate("/exercises/1/give-back");
        assertThat(page.getByText("See it as")).isVisible();
        page.getByText("See it as").click();
        assertThat(page.getByText("Nothing was given back by looking.")).isVisible();
        page.goBack();
        page.getByLabel(Pattern.compile("Questions about points until"))
                .fill(LocalDateTime.now()
                        .plusDays(3)
                        .truncatedTo(ChronoUnit.MINUTES)
                        .toString());
        nothingBarsTheWay();
        button(page, "Give back").last().click();
        assertThat(page.getByText(Pattern.compile("attempts? given back")).first())
                .isVisible();
        page.navigate(submission);
        assertThat(page.getByText("Given to", new Page.GetByTextOptions().setExact(false))
                        .or(page.getByText("Returned to the student"))
                        .first())
                .isVisible();

        page.navigate("/exercises/1/give-back");
        page.getByLabel("Why students should not see it any more").fill("The wrong list.");
        button(page, "Take back").last().click();
        button(page, "Take it back").click();
        assertThat(page.getByText("0 are with the students already.")).isVisible();
        page.navigate("/courses/1/history");
        assertThat(page.getByText("The wrong list.").first()).isVisible();
    }

    @Test
    void theSheetIsWalkedByKeysAndSomebodyIsExcused() {
        signIn("maike");
        page.navigate("/courses/1/grades");
        page.getByPlaceholder("Find a name or number").fill("20261001");
        assertThat(page.locator("[data-cell='0:0']")).isVisible();
        page.locator("[data-cell='0:0']").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("nothing handed in");
        dialog.getByLabel("Excuse from it, because").fill("On the training ship.");
        nothingBarsTheWay();
        dialog.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Excuse").setExact(true))
                .click();
        assertThat(page.locator("[data-cell='0:3']")).hasText("excused");
        page.getByRole(AriaRole.COMBOBOX, named("Whose")).selectOption("excused");
        assertThat(page.getByRole(AriaRole.GRID)).hasAttribute("aria-rowcount", "2");
        look(ColorScheme.DARK, 1280);
        nothingBarsTheWay();
        look(ColorScheme.LIGHT, 390);
        nothingBarsTheWay();
    }

    @Test
    void theLeadSaysHowItIsReckonedAndSeesWhatItWouldDo() {
        signIn("maike");
        page.navigate("/courses/1/scheme");
        button(page, "Passed or not").click();
        page.getByLabel("Weight of part 1").fill("0");
        button(page, "Keep it so").click();
        assertThat(page.getByRole(AriaRole.ALERT)
                        .filter(new Locator.FilterOptions().setHasText("needs a weight above 0")))
                .isVisible();
        page.getByLabel("Weight of part 1").fill("2,5");
        button(page, "What it would do").click();
        assertThat(page.getByText("would stand otherwise")).isVisible();
        nothingBarsTheWay();
        button(page, "Keep it so").click();
        assertThat(page.getByText("Kept.")).isVisible();
        page.navigate("/courses/1/grades");
        assertThat(page.getByText("a scale of 2 grades")).isVisible();
    }
}
