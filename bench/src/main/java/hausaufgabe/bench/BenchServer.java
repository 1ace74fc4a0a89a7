package hausaufgabe.bench;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.server.Application;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Beginnings;
import hausaufgabe.server.exercise.Manuscripts;
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
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.util.FileSystemUtils;

/** The server as it is, on records of its own, spoken to over HTTP by a lead who is signed in. */
final class BenchServer implements AutoCloseable {

    static final String PASSWORD = "harbour wall";

    private final Path data;
    private final ConfigurableApplicationContext context;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;
    private final Person lead;

    /** @param settings further ones, as arguments */
    BenchServer(String... settings) throws IOException, InterruptedException {
        data = Files.createTempDirectory("hausaufgabe-bench");
        List<String> arguments = new ArrayList<>(List.of(
                "--hausaufgabe.data=" + data.toAbsolutePath(),
                "--server.port=0",
                "--logging.level.root=WARN",
                "--logging.level.hausaufgabe=WARN"));
        arguments.addAll(List.of(settings));
        context = SpringApplication.run(Application.class, arguments.toArray(String[]::new));
        address = "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
        lead = bean(Accounts.class).create("maike", "Maike Thiede", PASSWORD, Person.Role.LEAD);
        signIn();
    }

    <T> T bean(Class<T> kind) {
        return context.getBean(kind);
    }

    /** Where its records are. */
    Path data() {
        return data;
    }

    String address() {
        return address;
    }

    Person lead() {
        return lead;
    }

    /** A course with so many students, whose numbers begin with 20261001. */
    Courses.Heading course(int students) {
        return bean(Courses.class)
                .create(
                        "Software Design II",
                        IntStream.rangeClosed(1, students)
                                .mapToObj(n -> new Student(
                                        0, String.valueOf(20261000 + n), "Student " + n, "ABCD".charAt(n % 4) + ""))
                                .toList());
    }

    /** Somebody who marks in a course, with the usual password. */
    String colleague(long course, String login) {
        Person made = bean(Accounts.class).create(login, "Colleague " + login, PASSWORD, Person.Role.TUTOR);
        // once somebody belongs to a course, it is led by whoever is said to
        bean(Staffing.class).give(course, lead.id(), Duty.LEAD);
        bean(Staffing.class).give(course, made.id(), Duty.TUTOR);
        return login;
    }

    /** An exercise about the strategy pattern that is open. */
    long exercise(long course) {
        try {
            ExerciseFolder folder = Beginnings.folder(
                    "What a berth costs", "Brief.", Catalogue.text("strategy").orElseThrow(), ZoneId.systemDefault());
            return bean(Manuscripts.class).open(course, folder, null).exerciseId();
        } catch (ArchiveException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What somebody handed in, with a remark that makes it unlike all others, so that it is checked. */
    static Map<String, byte[]> unlike(Map<String, byte[]> work, String remark) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        work.forEach((path, text) -> files.put(
                path,
                ("// " + remark + "\n" + new String(text, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8)));
        return files;
    }

    /** The strategy samples that end by themselves, each as the files that were handed in. */
    static List<Map<String, byte[]>> works(Path samples) throws IOException {
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
        post(
                "/api/session",
                "application/json",
                ("{\"login\":\"maike\",\"password\":\"" + PASSWORD + "\"}").getBytes(StandardCharsets.UTF_8));
    }

    /** Waits until at most so many checks are left. */
    void await(int open) throws InterruptedException {
        JdbcTemplate records = bean(JdbcTemplate.class);
        while (records.queryForObject("select count(*) from job", Integer.class) > open) {
            Thread.sleep(200);
        }
    }

    /** Sends something and gives the answer's text. */
    String post(String path, String type, byte[] body) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", type)
                        .header("X-XSRF-TOKEN", token())
                        .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 400) {
            throw new IllegalStateException(path + " was answered with " + answer.statusCode());
        }
        return answer.body();
    }

    /**
     * Sends a request and gives the answer, whatever it is.
     *
     * @param json null for none
     * @param version of what is changed; null where none is named
     */
    HttpResponse<String> send(String method, String path, String json, String version)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .method(
                        method,
                        json == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(json))
                .header("X-XSRF-TOKEN", token());
        if (json != null) {
            request.header("Content-Type", "application/json");
        }
        if (version != null) {
            request.header("If-Match", '"' + version + '"');
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
    }

    void get(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() >= 400 && !path.equals("/api/session")) {
            throw new IllegalStateException(path + " was answered with " + answer.statusCode());
        }
    }

    /** Milliseconds until a page's answer was there. */
    double time(String path) throws IOException, InterruptedException {
        long start = System.nanoTime();
        get(path);
        return (System.nanoTime() - start) / 1e6;
    }

    @Override
    public void close() throws IOException {
        context.close();
        FileSystemUtils.deleteRecursively(data);
    }
}
