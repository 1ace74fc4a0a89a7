package hausaufgabe.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.CheckRequest;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** Workers in processes of their own, as they run on other machines, with real checks. */
@Timeout(180)
class WorkerProcessTest {

    private static final int CHECKS = 24;

    @TempDir
    private Path folder;

    private Process worker(String url, String password, String name) throws IOException {
        Path file = Files.writeString(folder.resolve(name + ".password"), password);
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        WorkerMain.class.getName(),
                        "--broker",
                        url,
                        "--password-file",
                        file.toString(),
                        "--checkers",
                        "1",
                        "--name",
                        name)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve(name + ".log").toFile())
                .start();
    }

    private String said(String name) throws IOException {
        return Files.readString(folder.resolve(name + ".log"));
    }

    private static CheckRequest request(int number) {
        String source = "class Pier" + number + " { int depth() { return " + number + "; } }";
        return new CheckRequest(
                Catalogue.text("strategy").orElseThrow(),
                List.of(new SourceFile("Pier" + number + ".java", source)),
                List.of(new CheckReport.Diagnostic("Pier" + number + ".java", 0, "number " + number)),
                Map.of(),
                false,
                CheckRequest.Isolation.SANDBOX);
    }

    @Test
    void aWorkerThatIsKilledCostsItsChecksARetryElsewhereAndNothingElse() throws Exception {
        try (EmbeddedBroker broker =
                        new EmbeddedBroker(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), "low water");
                RemoteChecks checks = new RemoteChecks(broker.access(), Clock.systemUTC())) {
            String url = "tcp://127.0.0.1:" + broker.port();
            Process first = worker(url, "low water", "pier-1");
            Process second = worker(url, "low water", "pier-2");
            try {
                List<CompletableFuture<CheckReport>> reports = new ArrayList<>();
                IntStream.range(0, CHECKS).forEach(n -> reports.add(checks.submit(request(n), step -> {})));
                while (reports.stream().filter(CompletableFuture::isDone).count() < CHECKS / 4) {
                    Thread.sleep(20);
                }
                first.destroyForcibly().waitFor();

                for (int n = 0; n < CHECKS; n++) {
                    CheckReport report = reports.get(n).get(120, TimeUnit.SECONDS);
                    assertTrue(report.compiled());
                    assertEquals("number " + n, report.diagnostics().get(0).message());
                }
                second.destroy();
                assertTrue(second.waitFor(30, TimeUnit.SECONDS), "it does not stop when asked to");
                assertTrue(said("pier-2").contains("Made "), said("pier-2"));
            } finally {
                first.destroyForcibly();
                second.destroyForcibly();
            }
        }
    }

    @Test
    void whoIsNotLetInSaysWhatToDo() throws Exception {
        try (EmbeddedBroker broker =
                new EmbeddedBroker(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), "low water")) {
            Process wrong = worker("tcp://127.0.0.1:" + broker.port(), "high water", "pier-3");
            assertEquals(2, wrong.waitFor());
            assertTrue(said("pier-3").contains("does not know worker with this password"), said("pier-3"));

            Process nowhere = worker("tcp://127.0.0.1:1", "low water", "pier-4");
            assertEquals(2, nowhere.waitFor());
            assertTrue(said("pier-4").contains("There is no broker at tcp://127.0.0.1:1"), said("pier-4"));
        }
    }
}
