package hausaufgabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** From a pattern to an open exercise, in a course of one's own. */
class SettingJourneyTest extends Journey {

    private static final Path SAMPLES = Path.of("../samples/strategy");

    @Test
    void anExerciseIsSetProvenOpenedHandedInForAndTakenElsewhere() throws Exception {
        signIn("maike");
        begin("Strategy", "Three ways to charge");

        // as a sentence, and the text follows
        Locator points = page.getByLabel("Points of held", exact());
        points.fill("5");
        points.press("Enter");
        choose("How many: some", "every", claim("delegates"));
        page.getByLabel("as text").check();
        String text = stored("\n    contextOperation calls execute on strategy\n");
        assertTrue(text.contains("require held essential 5 \"{Context} keeps its algorithm"), text);
        assertTrue(text.contains("-- Strategy, in the forms students give it"), "comments stay");

        // as text, and the sentence follows
        write(text.replace("require held essential 5", "require held 4"));
        page.getByLabel("as sentences").check();
        assertThat(page.getByLabel("Points of held", exact())).hasValue("4");
        assertThat(claim("held").getByLabel("essential")).not().isChecked();
        page.getByRole(AriaRole.BUTTON, exactly("Undo")).click();
        assertThat(page.getByLabel("Points of held", exact())).hasValue("5");
        page.getByRole(AriaRole.BUTTON, exactly("Redo")).click();
        assertThat(page.getByLabel("Points of held", exact())).hasValue("4");

        // what is valid in this exercise's world
        Locator values = page.getByRole(AriaRole.FORM, named("One more line of values"));
        values.getByLabel("for names with").fill("berth");
        values.getByLabel("Values").fill("B-117, C-020");
        values.getByText("Add them").click();
        assertThat(page.getByRole(AriaRole.LIST, exactly("Valid values")))
                .containsText("values text \"berth\" \"B-117\", \"C-020\"");

        // a reference, and a wrong one
        putIn("reference", "accepted", "01-three-rules");
        putIn("switch-stayed", "faulted", "20-switch-stayed");
        page.getByLabel("Try “The strategy in use answers” on solutions/reference")
                .click();
        assertThat(page.getByText("passed on solutions/reference")).isVisible(checked());
        page.getByLabel("What is to catch wrong/switch-stayed: by anything").click();
        page.getByRole(AriaRole.MENUITEMCHECKBOX, exactly("switch")).click();
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, named("Try them all")).click();
        assertThat(page.getByText("Two of 2 are judged as they must be")).isVisible(checked());
        nothingBarsTheWay();

        // open, and handed in for
        page.getByRole(AriaRole.BUTTON, exactly("Open the exercise")).click();
        page.getByText("To the exercise and its submissions").click();
        page.locator("#student")
                .selectOption(page.locator("option", new Page.LocatorOptions().setHasText("Okke"))
                        .first()
                        .getAttribute("value"));
        page.getByLabel("Sources: files").setInputFiles(zip("01-three-rules"));
        page.getByRole(AriaRole.BUTTON, named("Hand in")).click();
        page.getByRole(AriaRole.LINK, named("Open it")).click();
        assertThat(page.getByRole(AriaRole.LIST, exactly("Claims"))).isVisible(checked());
        assertThat(page.getByText("of 21 proposed")).isVisible();

        page.getByRole(AriaRole.LINK, named("Three ways to charge")).click();
        page.getByRole(AriaRole.LINK, named("Change the exercise")).click();
        byte[] zip = takenOut(page);
        assertArrayEquals(zip, throughAnEmptyInstallation(zip), "what was taken in there comes out the same");
    }

    /** Begins with nothing: the first account, a course, the exercise out of its zip; and takes that out again. */
    private byte[] throughAnEmptyInstallation(byte[] zip) throws Exception {
        try (RunningApplication other = RunningApplication.empty();
                BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setBaseURL(other.address()))) {
            Page there = context.newPage();
            there.navigate(other.firstLink());
            there.getByLabel("New password").fill("low water at three");
            there.getByRole(AriaRole.BUTTON, named("Choose this password")).click();
            there.getByRole(AriaRole.LINK, named("Sign in")).click();
            there.getByLabel("Your sign-in").fill("lead");
            there.getByLabel("Password").fill("low water at three");
            there.keyboard().press("Enter");
            assertThat(there.getByText("There is no course yet")).isVisible();
            there.getByLabel("Title").fill("Patterns by the sea");
            there.getByRole(AriaRole.BUTTON, named("Begin the course")).click();
            there.getByRole(AriaRole.LINK, named("Set the first exercise")).click();
            there.getByLabel("Zip", new Page.GetByLabelOptions().setExact(true))
                    .setInputFiles(new FilePayload("exercise.zip", "application/zip", zip));
            assertThat(there.getByLabel("Title")).hasValue("Three ways to charge");
            return takenOut(there);
        }
    }

    private static byte[] takenOut(Page page) throws Exception {
        Download zip = page.waitForDownload(
                () -> page.getByText("Take it out as a zip").click());
        return Files.readAllBytes(zip.path());
    }

    @Test
    void whatIsWrongInTheTextIsToldWhereItStands() {
        signIn("maike");
        begin("Observer", "Told at the wrong place");
        page.getByLabel("as text").check();
        write(stored("role Subject").replaceFirst("\n  role ", "\n  rolle "));

        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Did you mean 'role'?");
        page.getByRole(AriaRole.BUTTON, named("Go there")).click();
        assertThat(page.locator(".cm-lintRange-error")).hasText("rolle");
        assertThat(page.getByRole(AriaRole.BUTTON, exactly("Open the exercise")))
                .isDisabled();
        assertThat(page.getByRole(AriaRole.LIST, exactly("What keeps it from being opened")))
                .containsText("pattern.muster, line");
        nothingBarsTheWay();
        page.getByRole(AriaRole.BUTTON, exactly("Undo")).click();
        assertThat(page.getByRole(AriaRole.BUTTON, exactly("Open the exercise")))
                .isEnabled();
    }

    @Test
    void twoPatternsAreAskedForAtOnceAndAPersonJudgesWhatNoCheckCan() throws Exception {
        signIn("maike");
        page.navigate("/courses/1/new-exercise");
        page.getByLabel("Title").fill("Sorted and inspected");
        page.getByText("Two at once").click();
        page.getByLabel("First").selectOption("composite");
        page.getByLabel("Second").selectOption("visitor");
        page.getByLabel("Element of Visitor is").selectOption("Component");
        nothingBarsTheWay();
        page.getByRole(AriaRole.BUTTON, exactly("Begin with both")).click();
        assertThat(page.getByRole(AriaRole.LIST, named("Roles of Visitor that are played by the same type")))
                .containsText("is the same type as");

        // a step is chosen, and the text follows
        page.getByText("7 steps").first().click();
        page.getByLabel("One more step of “Each part is told once”").click();
        page.getByRole(AriaRole.MENUITEM, named("expect no error")).click();
        stored("expect two.operation called once\n    expect no error\n");
        Locator last = page.getByLabel("More for step 8: expect no error");
        last.focus();
        page.keyboard().press("Enter");
        page.keyboard().press("End");
        page.keyboard().press("Enter");
        assertThat(last).hasCount(0);

        page.getByRole(AriaRole.BUTTON, exactly("One more criterion")).click();
        page.getByLabel("Criterion criterion-1", exact()).fill("Names speak of cargo.");
        page.getByLabel("Criterion criterion-1", exact()).press("Enter");
        assertThat(page.getByText("2 for what a person judges")).isVisible();
        putIn("reference", "accepted", Path.of("../exercises/13-through-customs/solutions/reference"));
        putIn("by-kind", "faulted", Path.of("../exercises/13-through-customs/wrong/officer-asks-for-the-kind"));
        page.getByRole(AriaRole.BUTTON, named("Try them all")).click();
        assertThat(page.getByText("Two of 2 are judged as they must be")).isVisible(checked());
        nothingBarsTheWay();

        page.getByRole(AriaRole.BUTTON, exactly("Open the exercise")).click();
        page.getByText("To the exercise and its submissions").click();
        assertThat(page.getByText("Names speak of cargo.")).isVisible();
        nothingBarsTheWay();
        page.locator("#student")
                .selectOption(page.locator("#student option").nth(1).getAttribute("value"));
        page.getByLabel("Sources: files")
                .setInputFiles(zip(Path.of("../exercises/13-through-customs/solutions/reference")));
        page.getByRole(AriaRole.BUTTON, named("Hand in")).click();
        page.getByRole(AriaRole.LINK, named("Open it")).click();
        assertThat(page.getByText("of 41 proposed")).isVisible(checked());
        assertThat(page.getByText("2 open")).isVisible();
        page.getByRole(AriaRole.RADIO, named("mostly")).check();
        assertThat(page.getByText("2 open")).hasCount(0);
        assertThat(page.getByRole(AriaRole.LIST, exactly("Criteria"))).containsText("judged");
        nothingBarsTheWay();
    }

    @Test
    void whatWasNotSentOutlivesTheTabThatWasClosed() {
        signIn("maike");
        begin("Composite", "Written on the ferry");
        String address = page.url();
        page.route("**/manuscript/file**", route -> route.abort());
        page.getByLabel("Brief, in Markdown").click();
        page.keyboard().type("No signal beyond the pier.");
        assertThat(page.getByText("Not sent yet, kept in this browser.")).isVisible();
        Page again = page.context().newPage();
        page.close();

        again.navigate(address);
        assertThat(again.getByText("No signal beyond the pier.")).isVisible();
        assertThat(again.getByText("Everything is saved.")).isVisible();
        again.reload();
        assertThat(again.getByText("No signal beyond the pier.")).isVisible();
    }

    @Test
    void theTextIsCompletedFromWhatIsDeclared() {
        signIn("maike");
        begin("Observer", "Completed");
        page.getByLabel("as text").check();
        write("pattern pier \"Pier\"\n  \"Ships lie at it.\"\n  role Ship a class\n  role Berth a class\n"
                + "  require x 1 \"{Ship} lies.\"\n    Ship ");

        page.keyboard().press("Control+Space");
        Locator offered = page.getByRole(AriaRole.LISTBOX);
        assertThat(offered).containsText("is realised by ROLE");
        page.keyboard().type("real");
        assertThat(offered).containsText("realises or extends it");
        take();
        page.keyboard().type("Be");
        assertThat(offered.getByRole(AriaRole.OPTION).first()).hasText("Berth");
        take();

        assertThat(page.getByLabel("The pattern as text")).containsText("Ship realises Berth");
        page.getByLabel("as sentences").check();
        assertThat(claim("x")).containsText("realises");
    }

    @Test
    void everythingIsDoneByKeyboard() {
        signIn("maike");
        begin("State", "By keyboard");

        Locator first = page.getByLabel(Pattern.compile("^Place of ")).first();
        String id = first.getAttribute("aria-label");
        first.focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.getByLabel(Pattern.compile("^Place of ")).nth(1)).hasAttribute("aria-label", id);
        Locator more = page.getByLabel(Pattern.compile("^More for [a-z-]+$")).first();
        more.focus();
        page.keyboard().press("Enter");
        page.keyboard().press("End");
        assertThat(page.getByRole(AriaRole.MENUITEM, exactly("Leave it out"))).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel(Pattern.compile("^Place of ")).first()).hasAttribute("aria-label", id);
        Locator quantity = page.getByLabel(Pattern.compile("^How many: ")).first();
        quantity.focus();
        page.keyboard().press("Enter");
        page.keyboard().press("ArrowDown");
        assertThat(page.getByRole(AriaRole.MENU)).isVisible();
        page.keyboard().press("Escape");
        assertThat(quantity).isFocused();
    }

    @Test
    void twoWhoWriteAtOnceSeeBoth() {
        signIn("maike");
        begin("Visitor", "Written by two");
        String address = page.url();
        page.getByLabel("Brief, in Markdown").click();
        page.keyboard().type("One.");
        assertThat(page.getByText("Everything is saved.")).isVisible();
        try (BrowserContext context =
                browser.newContext(new Browser.NewContextOptions().setBaseURL(application.address()))) {
            Page hers = context.newPage();
            hers.navigate("/sign-in");
            hers.getByLabel("Your sign-in").fill("maike");
            hers.getByLabel("Password").fill("nordhafen");
            hers.keyboard().press("Enter");
            assertThat(hers.getByText("What lies on the desk")).isVisible();
            hers.navigate(address);
            hers.getByText("Write the brief").click();
            hers.route("**/manuscript", route -> route.abort());
            page.getByLabel("Brief, in Markdown").click();
            page.keyboard().press("Control+End");
            page.keyboard().type(" Two.");
            assertThat(page.getByText("Everything is saved.")).isVisible();

            hers.getByLabel("Brief, in Markdown").click();
            hers.keyboard().press("Control+End");
            hers.keyboard().type(" Three.");
            Locator both = hers.getByRole(AriaRole.ALERT);
            assertThat(both).containsText("Two have written here");
            assertThat(both.getByLabel("Theirs")).hasText("One. Two.");
            assertThat(both.getByLabel("Yours")).hasText("One. Three.");
            both.getByText("Take theirs").click();
            assertThat(hers.getByLabel("Brief, in Markdown")).hasText("One. Two.");
        }
    }

    @Test
    void aCourseSaysWhoDoesWhat() {
        signIn("maike");
        page.getByRole(AriaRole.LINK, exactly("Software Design II")).click();
        page.getByLabel("What Jonte Harmsdeich does").selectOption("READER");
        assertThat(page.getByLabel("What Jonte Harmsdeich does")).hasValue("READER");
        nothingBarsTheWay();
        page.navigate("/courses/1/new-exercise");
        assertThat(page.getByRole(AriaRole.HEADING, named("From a pattern"))).isVisible();
        nothingBarsTheWay();
        signOut();

        signIn("jonte");
        page.navigate("/exercises/1");
        assertThat(page.getByRole(AriaRole.HEADING, named("What is asked"))).isVisible();
        assertThat(page.getByRole(AriaRole.BUTTON, named("Hand in"))).hasCount(0);
        page.navigate("/exercises/3/write");
        assertThat(page.getByText("You can read it.")).isVisible();
        assertThat(page.getByRole(AriaRole.BUTTON, exactly("Open the exercise")))
                .hasCount(0);
    }

    /** What is offered is only taken once it has been there for a moment, so that fast writers do not take it unseen. */
    private void take() {
        page.waitForTimeout(300);
        page.keyboard().press("Enter");
    }

    private void begin(String pattern, String title) {
        page.navigate("/courses/1/new-exercise");
        page.getByLabel("Title").fill(title);
        page.getByRole(AriaRole.BUTTON, exactly("Begin with: " + pattern)).click();
        assertThat(page.getByLabel("Title")).hasValue(title);
        assertThat(page.getByRole(AriaRole.LIST, exactly("Requirements"))).isVisible();
    }

    private Locator claim(String id) {
        return page.locator("#require-" + id);
    }

    private void choose(String what, String option, Locator within) {
        within.getByLabel(what).first().click();
        page.getByRole(AriaRole.MENUITEM, exactly(option)).click();
    }

    /** The pattern's text once what was changed in it is saved; an editor draws only the lines in view. */
    private String stored(String containing) {
        String text = "";
        for (int i = 0; i < 100; i++) {
            text = (String) page.evaluate("async () => (await (await fetch('/api/exercises/'"
                    + " + location.pathname.split('/')[2] + '/manuscript/file?path=pattern.muster')).json()).text");
            if (text.contains(containing)) {
                return text;
            }
            page.waitForTimeout(100);
        }
        throw new AssertionError(containing + " is not in the text that is stored:\n" + text);
    }

    private void write(String text) {
        page.getByLabel("The pattern as text").click();
        page.keyboard().press("Control+a");
        page.keyboard().insertText(text);
    }

    private void putIn(String name, String expected, String sample) throws Exception {
        putIn(name, expected, SAMPLES.resolve(sample));
    }

    private void putIn(String name, String expected, Path folder) throws Exception {
        Locator form = page.getByRole(AriaRole.FORM, named("One more solution"));
        form.getByLabel("One more, named").fill(name);
        form.getByLabel("which must be").selectOption(expected);
        try (Stream<Path> files = Files.walk(folder)) {
            List<Path> sources =
                    files.filter(f -> f.toString().endsWith(".java")).sorted().toList();
            form.getByLabel("Its sources").setInputFiles(sources.toArray(Path[]::new));
        }
        form.getByText("Put it in").click();
        assertThat(page.getByRole(AriaRole.CELL).filter(new Locator.FilterOptions().setHasText("/" + name)))
                .isVisible();
    }

    private static Page.GetByLabelOptions exact() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static LocatorAssertions.IsVisibleOptions checked() {
        return new LocatorAssertions.IsVisibleOptions().setTimeout(CHECKED_MILLISECONDS);
    }
}
