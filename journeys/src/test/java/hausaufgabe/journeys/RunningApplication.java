package hausaufgabe.journeys;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The packaged application, started as a user starts it, on a port and in a folder of its own. */
final class RunningApplication implements AutoCloseable {

    private static final Path LIBRARIES = Path.of("../server/target/application/lib");

    private Process process;
    private final Path folder;
    private final List<String> command;
    private final String address;

    private RunningApplication(Path folder, int port, List<String> command) {
        this.folder = folder;
        this.command = command;
        this.address = "http://localhost:" + port;
    }

    /** With the harbour school's course. */
    static RunningApplication demo() throws IOException, InterruptedException {
        return start("demo", "--attempts", "8");
    }

    /** On empty records. */
    static RunningApplication empty() throws IOException, InterruptedException {
        return start("serve");
    }

    /** With the harbour school's course and so many attempts. */
    static RunningApplication demo(int attempts) throws IOException, InterruptedException {
        return start("demo", "--attempts", String.valueOf(attempts));
    }

    private static RunningApplication start(String... command) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("hausaufgabe-journey");
        int port;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        RunningApplication running = new RunningApplication(folder, port, List.of(command));
        running.begin();
        return running;
    }

    private void begin() throws IOException, InterruptedException {
        List<String> whole = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                // as the demonstration is started: it is looked at for minutes
                "-XX:TieredStopAtLevel=1",
                "-cp",
                LIBRARIES.toAbsolutePath() + "/*",
                "hausaufgabe.server.ServerMain"));
        whole.addAll(command);
        whole.addAll(List.of(
                "--data",
                folder.resolve("data").toString(),
                "--port",
                address.substring(address.lastIndexOf(':') + 1)));
        process = new ProcessBuilder(whole)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        folder.resolve("log.txt").toFile()))
                .start();
        awaitAnswer();
    }

    /** Kills it as a power cut does, without a word, and starts it again on the same records. */
    void killAndStartAgain() throws IOException, InterruptedException {
        process.destroyForcibly().waitFor();
        begin();
    }

    /** Waits until it has told its address: all that is there from the beginning is there by then. */
    void awaitGreeting() throws IOException, InterruptedException {
        for (int i = 0; i < 600 && process.isAlive(); i++) {
            if (Files.readString(folder.resolve("log.txt")).contains("Stop it with Ctrl-C")) {
                return;
            }
            Thread.sleep(100);
        }
        throw new IllegalStateException("it never said where it is:\n" + lastWords());
    }

    /** Stops it and leaves its records for a test to look at, in the folder that is given. */
    Path stopForRecords() throws InterruptedException {
        process.destroy();
        process.waitFor();
        return folder.resolve("data");
    }

    String address() {
        return address;
    }

    /** The link by which the first lead chooses a password, as it was told at the terminal. */
    String firstLink() throws IOException, InterruptedException {
        for (int i = 0; i < 100; i++) {
            for (String line : Files.readAllLines(folder.resolve("log.txt"))) {
                if (line.contains("/welcome#")) {
                    return line.strip();
                }
            }
            Thread.sleep(100);
        }
        throw new IllegalStateException("no link was told:\n" + lastWords());
    }

    /** The last lines it has written. */
    String lastWords() throws IOException {
        List<String> lines = Files.readAllLines(folder.resolve("log.txt"));
        return String.join("\n", lines.subList(Math.max(0, lines.size() - 40), lines.size()));
    }

    private void awaitAnswer() throws IOException, InterruptedException {
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest first = HttpRequest.newBuilder(URI.create(address + "/"))
                .timeout(Duration.ofSeconds(5))
                .build();
        for (int i = 0; i < 300 && process.isAlive(); i++) {
            try {
                if (http.send(first, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                // not up yet
            }
            Thread.sleep(200);
        }
        throw new IllegalStateException(
                "the application did not start:\n" + Files.readString(folder.resolve("log.txt")));
    }

    @Override
    public void close() throws IOException, InterruptedException {
        process.destroy();
        if (!process.waitFor(20, TimeUnit.SECONDS)) {
            process.destroyForcibly().waitFor();
        }
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path p : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(p);
            }
        }
    }
}
