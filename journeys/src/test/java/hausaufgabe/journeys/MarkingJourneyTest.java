package hausaufgabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.time.Instant;
import java.util.regex.Pattern;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;

/** From an upload to a shared grade, and what is around it. */
class MarkingJourneyTest extends Journey {

    @Test
    void fromAnUploadToASharedGrade() throws Exception {
        signIn("maike");
        handInForOkke("23-asks-which-one");

        // the verdict comes by itself
        Locator claims = page.getByRole(AriaRole.LIST, exactly("Claims"));
        assertThat(claims).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(CHECKED_MILLISECONDS));
        assertThat(claims.getByRole(AriaRole.LISTITEM).first()).containsText("treats every");
        assertThat(claims.getByRole(AriaRole.LISTITEM).first()).containsText("asks for CS WinterRule in particular");
        assertThat(claims.getByRole(AriaRole.LISTITEM).first()).containsText("instanceof WinterRule");
        assertThat(page.getByRole(AriaRole.LIST, exactly("Scenarios"))).containsText("passed");
        // what is plainly met is one line until it is opened
        Locator met = claims.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("is left to"))
                .first();
        assertThat(met).not().containsText("The strategy in use answers");
        met.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("why"))
                .click();
        assertThat(met).containsText("passed The strategy in use answers");
        assertThat(page.getByTestId("points")).hasText("18");

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^3 of 3 points")))
                .click();
        page.getByLabel("Points, of 3").fill("2.5");
        page.getByRole(AriaRole.BUTTON, named("Give these points")).click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Say why");
        page.getByLabel("Why").fill("It takes the heating back out.");
        page.getByRole(AriaRole.BUTTON, named("Give these points")).click();
        assertThat(page.getByTestId("points")).hasText("17.5");

        page.keyboard().press("f");
        page.getByLabel("Feedback, in Markdown").fill("Ask **the rule** for its heating.");
        page.getByRole(AriaRole.BUTTON, named("Save feedback")).click();
        assertThat(page.locator(".markdown strong")).hasText("the rule");
        page.getByRole(AriaRole.BUTTON, named("Settle and go on")).click();
        assertThat(page.getByTestId("student")).not().containsText("Okke");
        signOut();

        signIn("jonte");
        page.getByRole(AriaRole.LINK, named("Grade sheet")).first().click();
        Locator row = page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("Okke"))
                .first();
        page.getByPlaceholder("Find a name or number").fill("Okke");
        assertThat(row).containsText("17.5 of 19");
        assertThat(row).containsText("Maike Thiede");
        assertThat(row).containsText("Ask **the rule**");

        Download csv = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, named("Take out as CSV")).click());
        assertTrue(Files.readString(csv.path())
                .contains("faulted,17.5,19.0,yes,Maike Thiede,Ask **the rule** for its heating."));
    }

    @Test
    void whatAProgramShowsOfItselfCanBeLookedAt() throws Exception {
        signIn("maike");
        handInForOkke("301-tolongfunction");

        Locator shown = page.getByRole(AriaRole.REGION, named("Its own demonstration"));
        assertThat(shown).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(CHECKED_MILLISECONDS));
        assertThat(shown).containsText("Started with Frachtrechner");
        shown.getByText("who made and called whom").click();
        assertThat(shown.getByRole(AriaRole.FIGURE)).isVisible();
        shown.getByText("The same in words").click();
        assertThat(shown).containsText("applyAsLong(");
    }

    @Test
    void whoSignsInAfterSomebodyElseBeginsOnTheFirstPage() {
        signIn("maike");
        page.navigate("/exercises/1/grades");
        assertThat(page.getByRole(AriaRole.HEADING, named("Grade sheet"))).isVisible();
        signOut();

        page.getByLabel("Your sign-in").fill("jonte");
        page.getByLabel("Password").fill("nordhafen");
        page.keyboard().press("Enter");

        assertThat(page.getByText("What lies on the desk, Jonte")).isVisible();
        assertThat(page.getByRole(AriaRole.LINK, exactly("Accounts"))).hasCount(0);
    }

    @Test
    void anAccountIsMadeUsedAndTakenAway() {
        signIn("maike");
        page.getByRole(AriaRole.LINK, exactly("Accounts")).click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Wiebke Sandvik");
        page.getByLabel("Sign-in", new Page.GetByLabelOptions().setExact(true)).fill("wiebke");
        page.getByRole(AriaRole.BUTTON, named("Make the account")).click();
        String link = page.getByLabel("The link").inputValue();
        Locator row = page.getByRole(AriaRole.LIST, exactly("Accounts"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Wiebke"));
        assertThat(row).containsText("has not chosen a password yet");

        try (BrowserContext other =
                browser.newContext(new Browser.NewContextOptions().setBaseURL(application.address()))) {
            Page hers = other.newPage();
            hers.navigate(link);
            hers.getByLabel("New password").fill("short");
            hers.getByRole(AriaRole.BUTTON, named("Choose this password")).click();
            assertThat(hers.getByRole(AriaRole.ALERT)).containsText("at least 10 characters");
            hers.getByLabel("New password").fill("high water at nine");
            hers.getByRole(AriaRole.BUTTON, named("Choose this password")).click();
            hers.getByRole(AriaRole.LINK, named("Sign in")).click();
            hers.getByLabel("Your sign-in").fill("wiebke");
            hers.getByLabel("Password").fill("high water at nine");
            hers.keyboard().press("Enter");
            assertThat(hers.getByText("What lies on the desk, Wiebke")).isVisible();

            page.reload();
            row.getByText("Take away", new Locator.GetByTextOptions().setExact(true))
                    .click();
            row.getByText("Take it away now").click();
            assertThat(row).containsText("taken away");
            hers.reload();
            assertThat(hers.getByRole(AriaRole.HEADING, named("Sign in"))).isVisible();
        }
    }

    /** The code that a device with this secret shows now. */
    private static String code(String secret) throws Exception {
        TimeBasedOneTimePasswordGenerator device = new TimeBasedOneTimePasswordGenerator();
        return device.generateOneTimePasswordString(
                new SecretKeySpec(new Base32().decode(secret.replace(" ", "")), device.getAlgorithm()), Instant.now());
    }

    private void password(String login) {
        page.navigate("/sign-in");
        page.getByLabel("Your sign-in").fill(login);
        page.getByLabel("Password").fill("nordhafen");
        page.getByRole(AriaRole.BUTTON, named("Sign in")).click();
    }

    @Test
    void aSecondFactorIsBegunAskedForAndEndedByTheLead() throws Exception {
        signIn("antje");
        page.navigate("/password");
        page.getByLabel("Your password, to begin").fill("nordhafen");
        page.getByRole(AriaRole.BUTTON, exactly("Begin")).click();
        nothingBarsTheWay();
        String code = code(page.getByLabel("The secret", new Page.GetByLabelOptions().setExact(true))
                .innerText());
        page.getByLabel("The code that it shows now").fill("000");
        page.getByRole(AriaRole.BUTTON, named("Ask for a code")).click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was changed");
        page.getByLabel("The code that it shows now").fill(code);
        page.getByRole(AriaRole.BUTTON, named("Ask for a code")).click();
        Locator codes = page.getByRole(AriaRole.LIST, named("Recovery codes")).getByRole(AriaRole.LISTITEM);
        assertThat(codes).hasCount(10);
        String recovery = codes.first().innerText();
        signOut();

        password("antje");
        page.getByLabel("Code").fill(code);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("each only once");
        page.getByLabel("Code").fill(recovery);
        page.keyboard().press("Enter");
        assertThat(page.getByText("What lies on the desk, Antje")).isVisible();
        signOut();

        signIn("maike");
        page.navigate("/accounts");
        page.getByRole(AriaRole.BUTTON, named("End the second factor of Antje")).click();
        page.getByRole(AriaRole.BUTTON, exactly("End it now")).click();
        assertThat(page.getByRole(AriaRole.BUTTON, named("End the second factor of Antje")))
                .hasCount(0);
        signOut();
        signIn("antje");
    }

    @Test
    void theSameMistakeIsAnsweredOnceAndThatIsTakenBack() {
        signIn("maike");
        page.navigate("/exercises/1");
        page.getByRole(AriaRole.LINK, exactly("Same mistakes")).click();
        Locator kind = page.locator("#kind-1");
        assertThat(kind).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(CHECKED_MILLISECONDS));
        assertThat(page.getByText(Pattern.compile("no report yet")))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(CHECKED_MILLISECONDS));
        Locator answered = kind.getByRole(AriaRole.LIST, new Locator.GetByRoleOptions().setName("Submissions"))
                .getByText("has feedback");
        int before = answered.count();
        nothingBarsTheWay();
        kind.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Answer (it|all)")))
                .click();
        kind.getByRole(AriaRole.TEXTBOX).first().fill("The *same* thing is missing in all of these.");
        nothingBarsTheWay();
        kind.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("now$")))
                .click();
        assertThat(page.getByText(Pattern.compile("[0-9]+ submissions? answered\\.")))
                .isVisible();
        assertThat(answered.nth(before)).isVisible();

        page.getByRole(AriaRole.BUTTON, exactly("Undo it for all")).click();
        assertThat(page.getByText(Pattern.compile("Taken back at [0-9]+ submissions?\\.")))
                .isVisible();
        assertThat(answered).hasCount(before);
    }

    @Test
    void whoIsNotSignedInIsAskedToAndComesBack() {
        page.navigate("/exercises/1/grades");
        assertThat(page.getByRole(AriaRole.HEADING, named("Sign in"))).isVisible();

        page.getByLabel("Your sign-in").fill("maike");
        page.getByLabel("Password").fill("wrong");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not go together");

        page.getByLabel("Password").fill("nordhafen");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, named("Grade sheet"))).isVisible();
    }

    @Test
    void anUploadThatCannotBeUsedSaysWhatToDo() throws Exception {
        signIn("maike");
        page.navigate("/exercises/1");
        page.getByRole(AriaRole.BUTTON, named("Hand in")).click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Choose the student");

        page.locator("#student").selectOption(page.locator("option").nth(3).getAttribute("value"));
        page.getByLabel("Sources: files").setInputFiles(Files.writeString(folder.resolve("work.zip"), "no zip at all"));
        page.getByRole(AriaRole.BUTTON, named("Hand in")).click();

        assertThat(page.getByRole(AriaRole.ALERT)).containsText("work.zip is not a zip");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was stored.");
    }

    @Test
    void thePileIsWalkedByKeyboard() {
        signIn("jonte");
        page.navigate("/exercises/1");
        Locator lines = page.locator("#submissions li");
        assertThat(lines.first()).isVisible();
        lines.first().getByRole(AriaRole.LINK).focus();
        page.keyboard().press("Enter");
        Locator next = page.getByText("Next:").locator("span");
        assertThat(next).isVisible();
        String first = page.getByTestId("student").innerText();
        String second = next.innerText();

        page.keyboard().press("n");
        assertThat(page.getByTestId("student")).hasText(second);
        assertThat(page.getByText(Pattern.compile("submission \\d+ of \\d+"))).isVisible();
        page.keyboard().press("b");
        assertThat(page.getByTestId("student")).hasText(first);
    }

    @Test
    void aPatternIsLookedUp() {
        signIn("jonte");

        page.getByRole(AriaRole.LINK, named("Patterns")).click();
        assertThat(page.getByRole(AriaRole.HEADING, named("Observer").setExact(true)))
                .isVisible();
        page.getByRole(AriaRole.LINK, named("Null object")).click();

        assertThat(page.getByRole(AriaRole.HEADING, named("Null object"))).isVisible();
        assertThat(page.getByRole(AriaRole.FIGURE)).isVisible();
        assertThat(page.getByText("It does real work.")).isVisible();
        assertThat(page.getByText("Leave the bodies empty")).isVisible();
        page.navigate("/patterns/pilotage");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("no such pattern");
    }

    @Test
    void whatIsNotThereIsSaidSo() {
        signIn("maike");
        page.navigate("/submissions/4711");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no such submission.");
    }

    /** A sample, packed as a student packs a folder. */
    private void handInForOkke(String sample) throws Exception {
        page.getByRole(AriaRole.LINK, named("What a berth costs")).click();
        page.locator("#student")
                .selectOption(page.locator("option", new Page.LocatorOptions().setHasText("Okke"))
                        .first()
                        .getAttribute("value"));
        page.getByLabel("Sources: files").setInputFiles(zip(sample));
        page.getByRole(AriaRole.BUTTON, named("Hand in")).click();
        page.getByRole(AriaRole.LINK, named("Open it")).click();
    }
}
