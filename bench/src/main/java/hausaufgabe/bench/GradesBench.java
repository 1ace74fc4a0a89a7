package hausaufgabe.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.JSHandle;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.submission.Submissions;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Times the grades of a large course: opened, filtered and sorted in the real browser, an edit until nine others see it, and ten
 * people who mark at the same time, whose history is then replayed against the sheet.
 */
final class GradesBench {

    private static final int STUDENTS = 2_000;
    private static final int EXERCISES = 30;
    private static final int RUNS = 12;
    private static final int OTHERS = 9;
    private static final int EDITS = 20;
    private static final int MARKERS = 10;
    private static final int SECONDS = 120;
    private static final String ITEM = "requirement:delegates";

    private static final String OPENED = """
            async (link) => {
              const start = performance.now();
              document.querySelector(link).click();
              while (!document.querySelector('[data-cell="0:2"]')) {
                await new Promise((done) => setTimeout(done, 2));
              }
              await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0)));
              return performance.now() - start;
            }""";

    /** Does something to the sheet and gives the milliseconds until it is painted. */
    private static final String UNTIL_PAINTED = """
            async (act) => {
              const start = performance.now();
              new Function(act)();
              await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0)));
              return performance.now() - start;
            }""";

    private static final String TYPE = "const f = document.querySelector('input[type=search]');"
            + "Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(f, '%s');"
            + "f.dispatchEvent(new Event('input', { bubbles: true }));";

    private static final String SCROLLED = """
            async () => {
              const place = document.querySelector('[role=grid]');
              let frames = 0, longest = 0, last = performance.now();
              const start = last;
              while (last - start < 2000) {
                place.scrollTop = (place.scrollTop + 60) % (place.scrollHeight - place.clientHeight);
                place.scrollLeft = (place.scrollLeft + 7) % Math.max(1, place.scrollWidth - place.clientWidth);
                await new Promise((done) => requestAnimationFrame(done));
                const now = performance.now();
                longest = Math.max(longest, now - last);
                last = now;
                frames++;
              }
              return [(frames * 1000) / (last - start), longest];
            }""";

    /** Waits until the cell is another than it was; gives the moment, in milliseconds of the machine's clock. */
    private static final String ANOTHER = """
            () => {
              const cell = () => document.querySelector('[data-cell="0:2"]').textContent;
              const before = cell();
              return { seen: new Promise((done) => {
                const look = () => (cell() !== before ? done(Date.now()) : setTimeout(look, 2));
                look();
              }) };
            }""";

    private final Path samples;
    private final ObjectMapper mapper = new ObjectMapper();

    GradesBench(Path samples) {
        this.samples = samples;
    }

    void run() throws Exception {
        try (BenchServer server = new BenchServer();
                Playwright playwright = Playwright.create();
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(PagesBench.ARGUMENTS))) {
            long course = filled(server);
            System.out.printf(
                    "%-58s %10s %10s%n", STUDENTS + " students × " + EXERCISES + " exercises", "median", "95 %");
            sheet(server, course);
            Page page = opened(server, browser, "maike");
            seen(server, page, course);
            page.close();
            edits(server, browser, course);
            marking(server, course);
        }
    }

    /** A course in which everybody has handed in everything; what there is stands as some that were really checked. */
    private long filled(BenchServer server) throws IOException, InterruptedException {
        long model = server.course(40).id();
        long from = server.exercise(model);
        List<Map<String, byte[]>> works = BenchServer.works(samples);
        Submissions submissions = server.bean(Submissions.class);
        List<Long> few = server.bean(Courses.class).students(model).stream()
                .map(s -> s.id())
                .toList();
        for (int i = 0; i < few.size(); i++) {
            submissions.handIn(
                    from,
                    few.get(i),
                    BenchServer.unlike(works.get(i % works.size()), "number " + i),
                    server.lead().id(),
                    Instant.now());
        }
        server.await(0);
        long course = server.course(STUDENTS).id();
        JdbcTemplate records = server.bean(JdbcTemplate.class);
        for (int e = 0; e < EXERCISES; e++) {
            long exercise = server.exercise(course);
            records.update(
                    "insert into submission (exercise_id, student_id, attempt, uploaded_at, uploaded_by, source_hash,"
                            + " state, current_run, version)"
                            + " select ?, st.id, 1, m.uploaded_at, m.uploaded_by, m.source_hash, m.state, m.current_run, 0"
                            + " from student st join"
                            + " (select s.*, row_number() over (order by s.id) - 1 as place from submission s"
                            + " where s.exercise_id = ?) m on m.place = mod(st.id + ?, ?) where st.course_id = ?",
                    exercise,
                    from,
                    e,
                    few.size(),
                    course);
            records.update(
                    "insert into review (submission_id, feedback, settled_by, settled_at, version)"
                            + " select id, 'Read.', ?, now(), 0 from submission where exercise_id = ? and mod(id, 2) = 0",
                    server.lead().id(),
                    exercise);
        }
        return course;
    }

    private void sheet(BenchServer server, long course) throws IOException, InterruptedException {
        String address = "/api/courses/" + course + "/grades";
        System.out.printf(
                Locale.ROOT, "%-58s %10.0f%n", "the whole sheet at the server, first time, ms", server.time(address));
        List<Double> whole = new ArrayList<>();
        for (int i = 0; i < RUNS; i++) {
            whole.add(server.time(address));
        }
        PagesBench.row("the whole sheet at the server, ms", whole);
        List<Double> line = new ArrayList<>();
        long student = server.bean(JdbcTemplate.class)
                .queryForObject("select min(id) from student where course_id = ?", Long.class, course);
        for (int i = 0; i < 2 * RUNS; i++) {
            line.add(server.time(address + "?student=" + student));
        }
        PagesBench.row("one student's line at the server, ms", line);
    }

    private static Page opened(BenchServer server, Browser browser, String login) {
        Page page = browser.newPage(
                new Browser.NewPageOptions().setViewportSize(1280, 800).setBaseURL(server.address()));
        PagesBench.signIn(page, login);
        return page;
    }

    private static void seen(BenchServer server, Page page, long course) {
        List<Double> opened = new ArrayList<>();
        for (int i = 0; i < RUNS; i++) {
            page.navigate("/courses/" + course);
            page.waitForSelector("a[href='/courses/" + course + "/grades']");
            opened.add(number(page.evaluate(OPENED, "a[href='/courses/" + course + "/grades']")));
        }
        PagesBench.row("the sheet, from the click until it is there, ms", opened);
        List<Double> filtered = new ArrayList<>();
        List<Double> sorted = new ArrayList<>();
        for (int i = 0; i < RUNS; i++) {
            filtered.add(number(page.evaluate(UNTIL_PAINTED, TYPE.formatted("Student " + (i + 1)))));
            filtered.add(number(page.evaluate(UNTIL_PAINTED, TYPE.formatted(""))));
            sorted.add(number(page.evaluate(
                    UNTIL_PAINTED,
                    "document.querySelectorAll('[role=columnheader] button')[" + (2 + i) + "].click()")));
        }
        PagesBench.row("filtering, ms", filtered);
        PagesBench.row("sorting, ms", sorted);
        List<?> moving = (List<?>) page.evaluate(SCROLLED);
        System.out.printf(
                Locale.ROOT, "%-58s %10.0f%n", "scrolling it both ways, frames in a second", number(moving.get(0)));
        System.out.printf(Locale.ROOT, "%-58s %10.0f%n", "the longest of these frames, ms", number(moving.get(1)));
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }

    /** Somebody gives points; the others have the sheet open in pages of their own. */
    private void edits(BenchServer server, Browser browser, long course) throws Exception {
        JdbcTemplate records = server.bean(JdbcTemplate.class);
        Map<String, Object> first = records.queryForMap(
                "select st.name as name, s.id as id from submission s join student st on st.id = s.student_id"
                        + " where st.course_id = ? order by s.id limit 1",
                course);
        long submission = ((Number) first.get("ID")).longValue();
        List<Page> others = new ArrayList<>();
        for (int i = 0; i < OTHERS; i++) {
            Page p = opened(server, browser, server.colleague(course, "tutor" + i));
            p.navigate("/courses/" + course + "/grades");
            p.waitForSelector("[data-cell='0:2']");
            p.evaluate(UNTIL_PAINTED, TYPE.formatted(first.get("NAME")));
            others.add(p);
        }
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < EDITS; i++) {
            List<JSHandle> waiting =
                    others.stream().map(p -> p.evaluateHandle(ANOTHER)).toList();
            long start = System.currentTimeMillis();
            give(server, submission, i % 2 == 0 ? 0.25 : 1.75);
            for (JSHandle w : waiting) {
                times.add(number(w.evaluate("(w) => w.seen")) - start);
            }
        }
        PagesBench.row("an edit until " + OTHERS + " others see it, ms", times);
        others.forEach(Page::close);
    }

    /** @return whether it was stored; not where somebody else came first */
    private boolean give(BenchServer server, long submission, double points) throws IOException, InterruptedException {
        String page = "/api/submissions/" + submission;
        String version = mapper.readTree(server.send("GET", page, null, null).body())
                .at("/review/version")
                .asText();
        HttpResponse<String> answer = server.send(
                "PUT",
                page + "/points?item=" + ITEM.replace(":", "%3A"),
                "{\"points\":" + points + ",\"reason\":\"As we agreed.\"}",
                version);
        if (answer.statusCode() == 412) {
            return false;
        }
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(answer.statusCode() + " " + answer.body());
        }
        return true;
    }

    /** Ten people mark for two minutes, a change a second each, now and then the same submission. */
    private void marking(BenchServer server, long course) throws Exception {
        JdbcTemplate records = server.bean(JdbcTemplate.class);
        List<Long> those = records.queryForList(
                "select s.id from submission s join student st on st.id = s.student_id where st.course_id = ?"
                        + " and s.exercise_id = (select min(exercise_id) from submission s2 join student t on"
                        + " t.id = s2.student_id where t.course_id = ?) order by s.id limit 60",
                Long.class,
                course,
                course);
        records.update("delete from grade_change");
        records.update("delete from point_decision");
        AtomicInteger stored = new AtomicInteger();
        AtomicInteger outdated = new AtomicInteger();
        List<Double> times = java.util.Collections.synchronizedList(new ArrayList<>());
        ExecutorService people = Executors.newFixedThreadPool(MARKERS);
        List<Future<?>> all = new ArrayList<>();
        for (int p = 0; p < MARKERS; p++) {
            Random chance = new Random(p);
            all.add(people.submit(() -> {
                for (int i = 0; i < SECONDS; i++) {
                    long begun = System.nanoTime();
                    if (give(server, those.get(chance.nextInt(those.size())), chance.nextInt(9) * 0.25)) {
                        stored.incrementAndGet();
                    } else {
                        outdated.incrementAndGet();
                    }
                    double took = (System.nanoTime() - begun) / 1e6;
                    times.add(took);
                    Thread.sleep(Math.max(0, 1_000 - (long) took));
                }
                return null;
            }));
        }
        for (Future<?> f : all) {
            f.get();
        }
        people.shutdown();
        PagesBench.row(MARKERS + " people marking: a submission read and points given, ms", times);
        System.out.printf(
                "%-58s %10d%n%-58s %10d%n",
                "changes stored",
                stored.get(),
                "told that somebody else came first, and changed nothing",
                outdated.get());
        System.out.printf(
                "%-58s %10d%n",
                "changes in the history", records.queryForObject("select count(*) from grade_change", Integer.class));
        System.out.printf(
                "%-58s %10d%n",
                "submissions whose history does not come to the sheet", replayed(server, course, records));
    }

    /** Plays the history through and compares what it comes to with the sheet. */
    private int replayed(BenchServer server, long course, JdbcTemplate records)
            throws IOException, InterruptedException {
        Map<Long, Double> last = new HashMap<>();
        records.query("select submission_id, after from grade_change where what = 'POINTS' order by id", r -> {
            last.put(r.getLong(1), Double.parseDouble(r.getString(2)));
        });
        Map<Long, Double> proposed = new HashMap<>();
        records.query(
                "select s.id, r.earned, r.items from submission s join check_run r on r.id = s.current_run where s.id in"
                        + " (select submission_id from grade_change)",
                r -> {
                    try {
                        for (JsonNode i : mapper.readTree(r.getString(3))) {
                            if (i.get("key").asText().equals(ITEM)) {
                                proposed.put(
                                        r.getLong(1),
                                        r.getDouble(2) - i.get("proposed").asDouble());
                            }
                        }
                    } catch (IOException e) {
                        throw new IllegalStateException(e);
                    }
                });
        Map<Long, Double> shown = new HashMap<>();
        for (JsonNode line : mapper.readTree(server.send("GET", "/api/courses/" + course + "/grades", null, null)
                        .body())
                .get("lines")) {
            for (JsonNode c : line.get("cells")) {
                shown.put(c.get("submission").asLong(), c.get("points").asDouble());
            }
        }
        int wrong = 0;
        for (Map.Entry<Long, Double> e : last.entrySet()) {
            wrong += Math.abs(proposed.get(e.getKey()) + e.getValue() - shown.get(e.getKey())) < 1e-6 ? 0 : 1;
        }
        return wrong;
    }
}
