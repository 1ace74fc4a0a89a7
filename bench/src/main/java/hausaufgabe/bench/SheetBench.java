package hausaufgabe.bench;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.server.Application;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Beginnings;
import hausaufgabe.server.exercise.Manuscripts;
import hausaufgabe.server.submission.Submissions;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.util.FileSystemUtils;

/**
 * Times the grade sheet of a large course over HTTP: while its submissions are being checked in the sandbox, and when
 * all have been.
 */
final class SheetBench {

    private static final int RUNS = 40;
    private static final String PASSWORD = "harbour wall";

    private final Path samples;
    private final int count;

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private String address;

    /** @param count how many submissions the course has */
    SheetBench(Path samples, int count) {
        this.samples = samples;
        this.count = count;
    }

    void run() throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("hausaufgabe-bench");
        try (ConfigurableApplicationContext context = SpringApplication.run(
                Application.class,
                "--hausaufgabe.data=" + data.toAbsolutePath(),
                "--server.port=0",
                "--logging.level.root=WARN")) {
            address = "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
            long exercise = handIn(context);
            signIn();
            String sheet = "/api/exercises/" + exercise + "/grades";
            for (int i = 0; i < RUNS; i++) {
                get(sheet);
            }
            await(context, 300);
            System.out.printf("%-28s %10s %10s%n", count + " submissions", "median ms", "95 % ms");
            row("sheet, 300 being checked", sheet);
            await(context, 0);
            row("sheet, all checked", sheet);
            row("sheet as CSV, all checked", sheet + ".csv");
        } finally {
            FileSystemUtils.deleteRecursively(data);
        }
    }

    private long handIn(ConfigurableApplicationContext context) throws IOException {
        Person lead = context.getBean(Accounts.class).create("maike", "Maike Thiede", PASSWORD, Person.Role.LEAD);
        List<Student> roster = IntStream.rangeClosed(1, count)
                .mapToObj(n -> new Student(0, String.valueOf(20261000 + n), "Student " + n, "ABCD".charAt(n % 4) + ""))
                .toList();
        Courses courses = context.getBean(Courses.class);
        Courses.Heading course = courses.create("Software Design II", roster);
        long exercise = opened(context.getBean(Manuscripts.class), course.id());
        List<Map<String, byte[]>> works = works();
        Submissions submissions = context.getBean(Submissions.class);
        List<Student> students = courses.students(course.id());
        for (int i = 0; i < count; i++) {
            Map<String, byte[]> files = new LinkedHashMap<>();
            // no two alike, so that each is checked
            String remark = "// " + i + "\n";
            works.get(i % works.size())
                    .forEach((path, text) -> files.put(
                            path,
                            (remark + new String(text, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8)));
            submissions.handIn(exercise, students.get(i).id(), files, lead.id(), Instant.now());
        }
        return exercise;
    }

    private static long opened(Manuscripts manuscripts, long course) {
        try {
            ExerciseFolder folder = Beginnings.folder(
                    "What a berth costs", "Brief.", Catalogue.text("strategy").orElseThrow(), ZoneId.systemDefault());
            return manuscripts.open(course, folder, null).exerciseId();
        } catch (ArchiveException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The strategy samples that end by themselves, each as the files that were handed in. */
    private List<Map<String, byte[]>> works() throws IOException {
        List<Map<String, byte[]>> found = new ArrayList<>();
        try (Stream<Path> folders = Files.list(samples.resolve("strategy"))) {
            for (Path folder : folders.filter(Files::isDirectory).sorted().toList()) {
                Map<String, byte[]> files = new LinkedHashMap<>();
                try (Stream<Path> all = Files.walk(folder)) {
                    for (Path p :
                            all.filter(f -> f.toString().endsWith(".java")).toList()) {
                        files.put(folder.relativize(p).toString(), Files.readAllBytes(p));
                    }
                }
                if (!files.isEmpty()) {
                    found.add(files);
                }
            }
        }
        return found;
    }

    private void signIn() throws IOException, InterruptedException {
        get("/api/session");
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + "/api/session"))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "{\"login\":\"maike\",\"password\":\"" + PASSWORD + "\"}"))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException("signing in was answered with " + answer.statusCode());
        }
    }

    /** Waits until at most so many checks are left. */
    private static void await(ConfigurableApplicationContext context, int open) throws InterruptedException {
        JdbcTemplate records = context.getBean(JdbcTemplate.class);
        while (records.queryForObject(
                        "select count(*) from submission where state in ('QUEUED', 'RUNNING')", Integer.class)
                > open) {
            Thread.sleep(200);
        }
    }

    private void row(String label, String path) throws IOException, InterruptedException {
        double[] times = new double[RUNS];
        for (int i = 0; i < RUNS; i++) {
            long start = System.nanoTime();
            get(path);
            times[i] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(times);
        System.out.printf(
                Locale.ROOT, "%-28s %10.1f %10.1f%n", label, times[RUNS / 2], times[(int) Math.ceil(RUNS * 0.95) - 1]);
    }

    private void get(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() >= 400 && !path.equals("/api/session")) {
            throw new IllegalStateException(path + " was answered with " + answer.statusCode());
        }
    }
}
