package hausaufgabe.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Route;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.submission.Submissions;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Times what somebody who marks waits for, in the real browser: a submission from the click until it can be read, the next one
 * by its key, the weave until it is drawn and while it is moved; and at the server the piles of a large course.
 */
final class PagesBench {

    private static final int COURSE = 48;
    private static final int LARGE = 1_000;
    private static final int CLAIMS = 30;
    private static final int RUNS = 40;
    static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** Does something in the page and gives the milliseconds until its claims stand there, painted. */
    private static final String UNTIL_READABLE = """
            async ([act, before]) => {
              const start = performance.now();
              if (act === 'n') {
                window.dispatchEvent(new KeyboardEvent('keydown', { key: 'n', bubbles: true }));
                document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'n', bubbles: true }));
              } else {
                document.querySelector(act).click();
              }
              const there = () => {
                const who = document.querySelector('[data-testid=student]');
                return who && who.textContent !== before && document.querySelector('ul[aria-label=Claims] li');
              };
              while (!there()) {
                await new Promise((done) => setTimeout(done, 1));
              }
              await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0)));
              return performance.now() - start;
            }""";

    /** Moves the weave for two seconds and gives frames in a second, and the longest frame in milliseconds. */
    private static final String MOVING = """
            async () => {
              const place = document.querySelector('[aria-roledescription=weave]');
              const times = [];
              let last = performance.now();
              const end = last + 2000;
              while (last < end) {
                place.scrollLeft = (place.scrollLeft + 40) % (place.scrollWidth - place.clientWidth);
                await new Promise((done) => requestAnimationFrame(done));
                const now = performance.now();
                times.push(now - last);
                last = now;
              }
              times.shift();
              const sum = times.reduce((a, b) => a + b, 0);
              return [(times.length / sum) * 1000, Math.max(...times)];
            }""";

    private final Path samples;

    PagesBench(Path samples) {
        this.samples = samples;
    }

    void run() throws IOException, InterruptedException {
        try (BenchServer server = new BenchServer();
                Playwright playwright = Playwright.create();
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(ARGUMENTS))) {
            long exercise = handIn(server);
            long large = copies(server, exercise);
            Page page = browser.newPage(
                    new Browser.NewPageOptions().setViewportSize(1280, 800).setBaseURL(server.address()));
            signIn(page, "maike");
            System.out.printf("%-58s %10s %10s%n", "", "median", "95 %");
            piles(server, large);
            weave(page, large);
            page.unroute("**/api/exercises/*/weave");
            submissions(page, exercise);
        }
    }

    static void signIn(Page page, String login) {
        page.navigate("/sign-in");
        page.getByLabel("Your sign-in").fill(login);
        page.getByLabel("Password").fill(BenchServer.PASSWORD);
        page.keyboard().press("Enter");
        page.waitForSelector("text=What lies on the desk");
    }

    private static void submissions(Page page, long exercise) {
        List<Double> opened = new ArrayList<>();
        List<Double> next = new ArrayList<>();
        page.navigate("/exercises/" + exercise);
        page.waitForSelector("#submissions li a");
        int links = page.locator("#submissions li a").count();
        for (int i = 0; i < links; i++) {
            page.navigate("/exercises/" + exercise);
            page.waitForSelector("#submissions li a");
            String link = "#submissions li:nth-child(" + (i + 1) + ") a";
            // a hand that points rests for a moment before it clicks
            page.hover(link);
            page.waitForTimeout(150);
            opened.add(((Number) page.evaluate(UNTIL_READABLE, List.of(link, ""))).doubleValue());
            // the next one is fetched while this one is read
            page.waitForTimeout(400);
            if (page.locator("text=Next:").count() > 0) {
                String student = page.getByTestId("student").innerText();
                next.add(((Number) page.evaluate(UNTIL_READABLE, List.of("n", student))).doubleValue());
            }
        }
        row("a submission pointed at, from the click, ms", opened);
        row("the next one, by its key, ms", next);
    }

    private static void piles(BenchServer server, long exercise) throws IOException, InterruptedException {
        for (String what : List.of("grades", "alike", "weave", "twins")) {
            String address = "/api/exercises/" + exercise + "/" + what;
            List<Double> times = new ArrayList<>();
            for (int i = 0; i < 2 * RUNS; i++) {
                double took = server.time(address);
                if (i >= RUNS) {
                    times.add(took);
                }
            }
            row(what + " of " + LARGE + " at the server, ms", times);
        }
    }

    private static void weave(Page page, long exercise) {
        page.route(
                "**/api/exercises/*/weave",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody(woven())));
        List<Double> drawn = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            page.navigate("/exercises/" + exercise);
            page.waitForSelector("text=The weave");
            drawn.add(((Number) page.evaluate("""
                    async () => {
                      performance.clearMarks('weave-drawn');
                      const start = performance.now();
                      [...document.querySelectorAll('a')].find((a) => a.textContent === 'The weave').click();
                      while (performance.getEntriesByName('weave-drawn').length === 0) {
                        await new Promise((done) => setTimeout(done, 1));
                      }
                      await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0)));
                      return performance.now() - start;
                    }""")).doubleValue());
        }
        row("the weave of " + LARGE + " × " + CLAIMS + ", from the click until it is in view, ms", drawn);
        List<?> moving = (List<?>) page.evaluate(MOVING);
        System.out.printf(
                Locale.ROOT,
                "%-58s %10.0f %10s%n%-58s %10.0f%n",
                "moving it, frames in a second",
                ((Number) moving.get(0)).doubleValue(),
                "",
                "the longest of these frames, ms",
                ((Number) moving.get(1)).doubleValue());
    }

    /** A weave as large as it may become. */
    private static String woven() {
        Random random = new Random(11);
        StringBuilder claims = new StringBuilder();
        for (int j = 0; j < CLAIMS; j++) {
            claims.append(j == 0 ? "" : ",")
                    .append("{\"item\":\"scenario:claim " + j + "\",\"met\":700,\"missing\":200}");
        }
        StringBuilder rows = new StringBuilder();
        for (int i = 0; i < LARGE; i++) {
            StringBuilder strokes = new StringBuilder();
            for (int j = 0; j < CLAIMS; j++) {
                strokes.append("mmmmmmmpxxu-".charAt(random.nextInt(12)));
            }
            rows.append(i == 0 ? "" : ",")
                    .append("{\"submissionId\":" + (i + 1) + ",\"student\":\"Student " + i + "\",\"number\":\"" + i
                            + "\",\"group\":\"A\",\"settled\":false,\"strokes\":\"" + strokes + "\"}");
        }
        return "{\"claims\":[" + claims + "],\"submissions\":[" + rows + "],\"unchecked\":0}";
    }

    static void row(String label, List<Double> times) {
        List<Double> sorted = times.stream().sorted().toList();
        System.out.printf(
                Locale.ROOT,
                "%-58s %10.0f %10.0f%n",
                label,
                sorted.get(sorted.size() / 2),
                sorted.get((int) Math.ceil(sorted.size() * 0.95) - 1));
    }

    /** A course as large as the demonstration's, checked as students hand in. */
    private long handIn(BenchServer server) throws IOException, InterruptedException {
        long course = server.course(COURSE).id();
        long exercise = server.exercise(course);
        List<Map<String, byte[]>> works = BenchServer.works(samples);
        Submissions submissions = server.bean(Submissions.class);
        List<Student> students =
                server.bean(hausaufgabe.server.course.Courses.class).students(course);
        for (int i = 0; i < COURSE; i++) {
            submissions.handIn(
                    exercise,
                    students.get(i).id(),
                    BenchServer.unlike(works.get(i % works.size()), "number " + i),
                    server.lead().id(),
                    Instant.now());
        }
        server.await(0);
        return exercise;
    }

    /** A large course whose submissions stand as those of the small one do. */
    private static long copies(BenchServer server, long from) {
        long course = server.course(LARGE).id();
        long exercise = server.exercise(course);
        JdbcTemplate records = server.bean(JdbcTemplate.class);
        List<Long> models =
                records.queryForList("select id from submission where exercise_id = ? order by id", Long.class, from);
        List<Long> students =
                records.queryForList("select id from student where course_id = ? order by id", Long.class, course);
        for (int i = 0; i < students.size(); i++) {
            records.update(
                    "insert into submission (exercise_id, student_id, attempt, uploaded_at, uploaded_by, source_hash,"
                            + " state, current_run, version) select ?, ?, 1, uploaded_at, uploaded_by, source_hash,"
                            + " state, current_run, 0 from submission where id = ?",
                    exercise,
                    students.get(i),
                    models.get(i % models.size()));
        }
        return exercise;
    }
}
