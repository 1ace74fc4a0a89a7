package hausaufgabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** A way through the whole application, in a real browser, each test in a browser of its own. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class Journey {

    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");
    static final double CHECKED_MILLISECONDS = 60_000;

    @TempDir
    static Path folder;

    @RegisterExtension
    final AfterTestExecutionCallback telling = this::tellWhatWasThere;

    RunningApplication application;
    private Playwright playwright;
    Browser browser;
    private BrowserContext context;
    private final List<BrowserContext> others = new ArrayList<>();
    Page page;
    private final List<String> mishaps = new ArrayList<>();

    @BeforeAll
    void start() throws Exception {
        application = application();
        // a machine that builds and checks at the same time answers late
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        playwright = Playwright.create();
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(ARGUMENTS));
    }

    /** What is looked at: the demonstration with few submissions. */
    RunningApplication application() throws Exception {
        return RunningApplication.demo();
    }

    @AfterAll
    void stop() throws Exception {
        if (playwright != null) {
            playwright.close();
        }
        if (application != null) {
            application.close();
        }
    }

    @BeforeEach
    void open() {
        mishaps.clear();
        openBrowser();
    }

    private void openBrowser() {
        context = browser.newContext(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setBaseURL(application.address()));
        page = context.newPage();
        page.onPageError(mishaps::add);
    }

    @AfterEach
    void nothingBrokeInThePage() {
        context.close();
        others.forEach(BrowserContext::close);
        others.clear();
        assertEquals(List.of(), mishaps);
    }

    /** What was on the page, and what the application had said, where a journey ends badly. */
    private void tellWhatWasThere(ExtensionContext journey) throws IOException {
        if (journey.getExecutionException().isPresent()) {
            System.out.println(page.url() + "\n" + page.locator("body").innerText() + "\n" + application.lastWords());
        }
    }

    /** Goes on in a browser that wants it dark, or light, and as wide as this. */
    void look(ColorScheme scheme, int width) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        page.setViewportSize(width, 800);
    }

    void signIn(String login) {
        signInAt(page, login);
    }

    static void signInAt(Page page, String login) {
        page.navigate("/sign-in");
        page.getByLabel("Your sign-in").fill(login);
        page.getByLabel("Password").fill("nordhafen");
        page.getByRole(AriaRole.BUTTON, named("Sign in")).click();
        assertThat(page.getByText("What lies on the desk")).isVisible();
    }

    /** Another browser beside this one, with nobody signed in; closed at the end of the test. */
    BrowserContext beside() {
        BrowserContext another = browser.newContext(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setBaseURL(application.address()));
        others.add(another);
        return another;
    }

    void signOut() {
        page.getByRole(AriaRole.BUTTON, exactly("Sign out")).click();
        assertThat(page.getByRole(AriaRole.HEADING, named("Sign in"))).isVisible();
    }

    static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    static Page.GetByRoleOptions exactly(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    /** What an accessibility checker finds wrong on the page, in its own words. */
    void nothingBarsTheWay() {
        assertEquals(
                List.of(),
                new AxeBuilder(page)
                                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                                .analyze()
                                .getViolations()
                                .stream()
                                .map(v -> v.getId() + " at "
                                        + v.getNodes().stream()
                                                .map(n -> n.getHtml())
                                                .limit(3)
                                                .toList())
                                .toList());
    }

    static Path zip(String sample) throws Exception {
        return zip(Path.of("../samples/strategy", sample));
    }

    static Path zip(Path sources) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes, StandardCharsets.UTF_8);
                Stream<Path> files = Files.walk(sources)) {
            for (Path f : files.filter(Files::isRegularFile).sorted().toList()) {
                out.putNextEntry(new ZipEntry("handed-in/" + sources.relativize(f)));
                out.write(Files.readAllBytes(f));
            }
        }
        return Files.write(folder.resolve(sources.getFileName() + ".zip"), bytes.toByteArray());
    }

    /** For what waits for a check. */
    static LocatorAssertions.IsVisibleOptions patiently() {
        return new LocatorAssertions.IsVisibleOptions().setTimeout(CHECKED_MILLISECONDS);
    }

    /** Hands in for a student and stays on the page of the submission. */
    void handIn(String student, Path sources) throws Exception {
        handIn(1, student, sources);
    }

    /** @param exercise its number in the address */
    void handIn(int exercise, String student, Path sources) throws Exception {
        page.navigate("/exercises/" + exercise);
        page.locator("#student")
                .selectOption(page.locator("#student option", new Page.LocatorOptions().setHasText(student))
                        .first()
                        .getAttribute("value"));
        page.getByLabel("Sources: files").setInputFiles(zip(sources));
        page.getByRole(AriaRole.BUTTON, named("Hand in")).click();
        page.getByRole(AriaRole.LINK, named("Open it")).click();
        assertThat(page.getByRole(AriaRole.LIST, exactly("Claims"))).isVisible(patiently());
    }
}
