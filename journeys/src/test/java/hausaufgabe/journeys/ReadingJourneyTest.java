package hausaufgabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** An evening's work: reading, judging, comparing, answering, giving back. */
class ReadingJourneyTest extends Journey {

    private static final Pattern SETTLED = Pattern.compile("Settled by");

    private boolean allChecked;

    @Override
    RunningApplication application() throws Exception {
        return RunningApplication.demo(20);
    }

    /** Everything is checked before it is read. */
    @BeforeEach
    void checked() {
        if (allChecked) {
            return;
        }
        signIn("maike");
        page.navigate("/exercises/1/weave");
        Locator ready = page.getByText(Pattern.compile("submissions? as threads.*side by side\\.$"));
        for (int i = 0; i < 90 && ready.count() == 0; i++) {
            page.waitForTimeout(1_000);
            page.reload();
            assertThat(page.getByText(Pattern.compile("submissions? as threads|Nothing is checked yet")))
                    .isVisible();
        }
        allChecked = true;
        signOut();
    }

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    /** Opens the submission of whoever is called so. */
    private void openOf(String student) {
        page.navigate("/exercises/1");
        page.locator("#submissions")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(student))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.LIST, exactly("Claims"))).isVisible();
    }

    private int questions() {
        return Integer.parseInt(page.getByRole(AriaRole.COMPLEMENTARY, named("What is here"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("To settle"))
                .innerText()
                .replaceAll("\\D", ""));
    }

    @Test
    void tenSubmissionsAreMarkedByKeyboardOnly() {
        signIn("nis");
        page.navigate("/exercises/1");
        page.locator("#submissions").getByRole(AriaRole.LINK).first().focus();
        page.keyboard().press("Enter");
        for (int i = 0; i < 10; i++) {
            assertThat(page.getByTestId("points")).isVisible();
            String student = page.getByTestId("student").innerText();
            for (int open = questions(); open > 0; open--) {
                page.keyboard().press("q");
                page.keyboard().press(i % 2 == 0 ? "m" : "x");
                int left = open - 1;
                page.waitForCondition(() -> questions() <= left);
            }
            page.keyboard().press("s");
            assertThat(page.getByTestId("student")).not().hasText(student);
        }

        // the last is taken back by a key, which leads to where it was
        page.keyboard().press("u");
        assertThat(page.getByRole(AriaRole.BUTTON, named("Settle and go on"))).isVisible();
        page.keyboard().press("?");
        assertThat(dialog()).containsText("undo what was done last");
        nothingBarsTheWay();
        page.keyboard().press("Escape");

        page.navigate("/exercises/1/grades");
        page.getByRole(AriaRole.COMBOBOX, named("Group")).selectOption("");
        Locator settled = page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("Nis Petersdeich"))
                .filter(new Locator.FilterOptions().setHasText("settled"));
        assertThat(settled.nth(8)).isVisible();
    }

    @Test
    void whoOnlyReadsIsOfferedNothingThatIsRefused() {
        signIn("onno");
        openOf("Wiebke");

        assertThat(page.getByTestId("points")).isVisible();
        for (String act : List.of("Settle and go on", "Check again", "Write feedback", "say something", "Change: ")) {
            assertThat(page.getByRole(AriaRole.BUTTON, named(act))).hasCount(0);
        }
        page.keyboard().press("s");
        assertThat(page.getByText(Pattern.compile("does not include"))).hasCount(0);
        page.keyboard().press("?");
        assertThat(dialog()).containsText("next submission");
        assertThat(dialog()).not().containsText("settle and go on");
    }

    @Test
    void singleKeysCanBeSwitchedOff() {
        signIn("jonte");
        openOf("Wiebke");
        page.keyboard().press("?");
        dialog().getByLabel("Single keys act on pages").uncheck();
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Go on"))
                .click();
        String student = page.getByTestId("student").innerText();

        page.keyboard().press("n");
        page.keyboard().press("f");

        assertThat(page.getByLabel("Feedback, in Markdown")).hasCount(0);
        assertThat(page.getByTestId("student")).hasText(student);
    }

    @Test
    void openQuestionsAreNotSettledUnsaid() throws Exception {
        signIn("maike");
        handIn("Antje Kliffsen", Path.of("../samples/strategy/21-makes-its-own"));
        assertTrue(questions() > 0);

        page.keyboard().press("s");
        Locator asked = page.getByRole(AriaRole.ALERTDIALOG);
        assertThat(asked).containsText("for a person");
        asked.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Go to the first"))
                .click();
        page.keyboard().press("m");
        assertThat(page.getByText("judged met").first()).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("judged met")).hasCount(0);
        page.keyboard().press("s");
        page.getByRole(AriaRole.BUTTON, named("Settle it all the same")).click();
        assertThat(page.getByTestId("student")).not().containsText("Antje Kliffsen");
        page.goBack();

        assertThat(page.getByText(SETTLED)).isVisible();
        assertThat(page.getByText(Pattern.compile("questions? (is|are) open"))).isVisible();
    }

    @Test
    void aBindingIsChangedAndTheVerdictFollows() throws Exception {
        signIn("maike");
        handIn("Bendix Reepmaker", Path.of("../samples/strategy/01-three-rules"));
        Locator who = page.getByRole(AriaRole.COMPLEMENTARY, named("What is here"));
        assertThat(who).containsText("HarbourOffice");

        page.getByRole(AriaRole.BUTTON, named("Change who is the context")).click();
        dialog().getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(Pattern.compile("^Ship")))
                .check();
        assertThat(dialog()).containsText("What would follow", contains());
        assertThat(dialog()).containsText("met → missing");
        nothingBarsTheWay();
        dialog().getByLabel("Why").fill("The brief calls the ship the context.");
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep it so"))
                .click();
        assertThat(who).containsText("by hand", contains());
        assertThat(page.getByRole(AriaRole.LIST, exactly("Claims"))).containsText("missing", contains());
        assertThat(who).containsText("The brief calls the ship the context.");

        page.getByRole(AriaRole.BUTTON, named("Check again")).click();
        assertThat(page.getByRole(AriaRole.BUTTON, exactly("Check again"))).isEnabled(enabledInTime());
        assertThat(who).containsText("by hand");

        page.locator("h1").click();
        page.keyboard().press("u");
        assertThat(who).not().containsText("by hand", contains());
        assertThat(who).containsText("HarbourOffice", contains());
    }

    private static LocatorAssertions.ContainsTextOptions contains() {
        return new LocatorAssertions.ContainsTextOptions().setTimeout(CHECKED_MILLISECONDS);
    }

    private static LocatorAssertions.IsEnabledOptions enabledInTime() {
        return new LocatorAssertions.IsEnabledOptions().setTimeout(CHECKED_MILLISECONDS);
    }

    @Test
    void aDiagramIsDrawnMovedAndSaidInWords() throws Exception {
        signIn("maike");
        handIn("Imke Hafkamp", Path.of("../samples/strategy/01-three-rules"));
        Locator shape = page.getByRole(AriaRole.REGION, named("Its shape"));
        Locator box =
                shape.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("HarbourOffice, Context"));
        assertThat(box).isVisible();
        shape.getByText("The same in words").first().click();
        assertThat(shape).containsText("HarbourOffice holds BerthFee as fee");
        shape.getByLabel("the pattern itself").check();
        assertThat(shape.getByRole(AriaRole.FIGURE)).hasCount(2);
        String svg = new String(
                page.waitForDownload(() -> shape.getByRole(
                                        AriaRole.BUTTON,
                                        new Locator.GetByRoleOptions()
                                                .setName("SVG")
                                                .setExact(true))
                                .first()
                                .click())
                        .createReadStream()
                        .readAllBytes(),
                java.nio.charset.StandardCharsets.UTF_8);
        assertTrue(svg.contains("HarbourOffice") && !svg.contains("var(--"), svg);
        assertTrue(page.waitForDownload(() -> shape.getByRole(
                                        AriaRole.BUTTON,
                                        new Locator.GetByRoleOptions()
                                                .setName("PNG")
                                                .setExact(true))
                                .first()
                                .click())
                        .path()
                        .toFile()
                        .length()
                > 2_000);

        // from the drawing to the role
        box.press("Enter");
        assertThat(dialog()).containsText("What is HarbourOffice?");
        nothingBarsTheWay();
    }

    @Test
    void aSequenceIsOpenAtTheStepThatFailed() throws Exception {
        signIn("maike");
        handIn("Keike Nordwarf", Path.of("../samples/strategy/22-never-called"));
        Locator failed = page.getByRole(AriaRole.LIST, exactly("Scenarios"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByText("failed", new Page.GetByTextOptions().setExact(true))))
                .first();
        Locator drawn = failed.getByRole(AriaRole.FIGURE, new Locator.GetByRoleOptions().setName("Sequence of"));
        assertThat(drawn).isVisible();
        drawn.getByText("The same in words").click();
        assertThat(drawn).containsText("Here it did not hold");
        nothingBarsTheWay();
    }

    @Test
    void aRemarkIsKeptForTheCourseAndOfferedToTheNextWithTheirNames() throws Exception {
        signIn("jonte");
        openOf("Okke");
        Locator claim = page.getByRole(AriaRole.LIST, exactly("Claims"))
                .getByRole(AriaRole.LISTITEM)
                .first();
        String role = page.getByRole(AriaRole.COMPLEMENTARY, named("What is here"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("is the Context"))
                .innerText()
                .split("\\s+")[1];
        page.keyboard().press(".");
        page.keyboard().press("r");
        claim.getByRole(AriaRole.TEXTBOX)
                .first()
                .fill("Let " + role + " take *what it asks*. <script>alert(1)</script>");
        claim.getByLabel("Keep it for the whole course").check();
        assertThat(claim).containsText("Let {Context} take");
        page.keyboard().press("Tab");
        claim.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Say it"))
                .click();
        assertThat(claim.locator(".markdown em")).hasText("what it asks");
        assertThat(page.locator("script", new Page.LocatorOptions().setHasText("alert(1)")))
                .hasCount(0);
        claim.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("rewrite"))
                .click();
        claim.getByLabel("Remark, in Markdown").fill("Otherwise.");
        claim.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep it so"))
                .click();
        assertThat(claim.locator(".markdown")).hasText("Otherwise.");

        page.navigate("/exercises/1");
        page.getByRole(AriaRole.LINK, named("Remarks of the course")).click();
        assertThat(page.getByText("Let {Context} take")).isVisible();
        nothingBarsTheWay();
    }

    @Test
    void linesAreRemarkedInTheWholeFile() throws Exception {
        signIn("jonte");
        handIn("Jelto Seeland", Path.of("../samples/strategy/21-makes-its-own"));
        Locator claims = page.getByRole(AriaRole.LIST, exactly("Claims"));
        claims.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("The whole of"))
                .first()
                .click();
        Locator file =
                page.getByRole(AriaRole.GROUP, named("lines").setExact(false)).first();
        assertThat(file).containsText("class");
        file.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Line 3[.,]")))
                .click();
        file.getByLabel("Remark, in Markdown").fill("Here it begins.");
        nothingBarsTheWay();
        file.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Say it"))
                .click();
        assertThat(file.locator(".markdown")).hasText("Here it begins.");
    }

    @Test
    void threeAreLaidSideBySideFromTheWeave() {
        signIn("maike");
        page.navigate("/exercises/1/weave");
        Locator weave = page.getByRole(AriaRole.APPLICATION);
        weave.focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Shift+ArrowRight");
        Locator chosen = page.getByRole(AriaRole.REGION, exactly("Chosen"));
        assertThat(chosen).containsText("3 submissions");
        nothingBarsTheWay();
        chosen.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("side by side"))
                .click();

        assertThat(page.getByRole(AriaRole.HEADING, exactly("In what they differ")))
                .isVisible();
        Locator context = page.getByRole(AriaRole.REGION, exactly("Context"));
        assertThat(context).isVisible();
        page.getByLabel("Of the exercise").selectOption("solution-reference");
        assertThat(page.getByText("Solution reference").first()).isVisible(patiently());
        assertThat(page.getByLabel("Another student’s")).isDisabled();
        nothingBarsTheWay();
    }

    @Test
    void oneExerciseIsSolvedInThreeLanguagesAndLaidSideBySide() throws Exception {
        signIn("maike");
        page.navigate("/exercises/1");
        assertThat(page.locator("#student option").nth(3)).isAttached();
        List<String> students = page.locator("#student option").allTextContents().stream()
                .filter(o -> !o.startsWith("Choose"))
                .limit(3)
                .map(o -> o.split(" · ")[0])
                .toList();
        Path languages = Path.of("../languages");
        List<Path> solutions = List.of(
                languages.resolve("python/src/test/resources/hausaufgabe/language/python/strategy-duck"),
                languages.resolve("javascript/src/test/resources/hausaufgabe/language/javascript/strategy-classes"),
                languages.resolve("javascript/src/test/resources/hausaufgabe/language/javascript/strategy-typed"));
        List<String> contexts = List.of("Lotse", "Pilot", "Pilot");
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < solutions.size(); i++) {
            handIn(students.get(i), solutions.get(i));
            assertThat(page.getByRole(AriaRole.LIST, exactly("Claims"))).containsText(contexts.get(i));
            ids.add(page.url().replaceFirst(".*/submissions/(\\d+).*", "$1"));
        }
        nothingBarsTheWay();
        String last = page.url();
        page.getByRole(AriaRole.BUTTON, named("Settle and go on")).click();
        page.waitForURL(url -> !url.equals(last));
        page.navigate(last);
        assertThat(page.getByText(SETTLED).first()).isVisible();

        page.navigate("/exercises/1/beside?of=" + String.join(",", ids));

        Locator context = page.getByRole(AriaRole.REGION, exactly("Context"));
        assertThat(context).containsText("class Lotse:");
        assertThat(context).containsText("class Pilot {");
        assertThat(context).containsText("private route: Route");
        nothingBarsTheWay();
    }

    @Test
    void aReturnedPageIsSeenByItsStudent() {
        signIn("maike");
        openOf("Jorun");
        if (page.getByText(SETTLED).count() == 0) {
            page.keyboard().press("s");
            page.getByRole(AriaRole.BUTTON, named("Settle it all the same"))
                    .or(page.getByText("Grade sheet").first())
                    .first()
                    .click();
        }
        page.navigate("/exercises/1/grades");
        page.getByRole(AriaRole.LINK, named("Give back")).click();
        page.getByRole(AriaRole.BUTTON, named("Give back")).click();
        assertThat(page.getByText(Pattern.compile("attempts? given back")).first())
                .isVisible();
        signOut();

        page.getByLabel("Your sign-in").fill("20261001");
        page.getByLabel("Password").fill("nordhafen");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.LINK, named("What a berth costs")).first().click();
        page.getByRole(AriaRole.LINK, named("Attempt")).first().click();
        assertThat(page.getByText(Pattern.compile("of 19 points"))).isVisible();
        assertThat(page.getByText("The office asks its rule")).isVisible();
        nothingBarsTheWay();
    }

    @Test
    void everyViewIsReachedInLightAndDarkAndNarrow() {
        signIn("maike");
        page.navigate("/exercises/1");
        String submission =
                page.locator("#submissions").getByRole(AriaRole.LINK).first().getAttribute("href");
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            for (String view : List.of(
                    "/",
                    "/courses/1",
                    "/courses/arriving",
                    "/courses/1/remarks",
                    "/courses/1/grades",
                    "/courses/1/scheme",
                    "/courses/1/history",
                    "/courses/1/pictures",
                    "/exercises/1/give-back",
                    "/exercises/1/readers",
                    "/exercises/1/read-twice",
                    "/exercises/1/evenness",
                    "/exercises/1/points",
                    "/programs",
                    "/password",
                    "/exercises/1",
                    "/exercises/1/grades",
                    "/exercises/1/alike",
                    "/exercises/1/weave",
                    "/exercises/1/beside?of=1,2",
                    "/patterns/observer",
                    submission)) {
                look(scheme, 1280);
                page.navigate(view);
                assertThat(page.locator("h1").first()).isVisible();
                page.waitForTimeout(700);
                nothingBarsTheWay();
                if (!view.endsWith("/grades")) {
                    page.setViewportSize(320, 800);
                    page.waitForTimeout(250);
                    assertEquals(
                            320,
                            ((Number) page.evaluate("document.scrollingElement.scrollWidth")).intValue(),
                            view + " is wider than a narrow window");
                }
            }
        }
    }
}
