package hausaufgabe.checking.pool;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

@Isolated("counts processes, or needs the machine for itself")
@Tag("slow")
class CheckerPoolTest {

    @Test
    void checksInProcessesOfTheirOwnAndTellsHowFarTheyAre() {
        List<String> told = new CopyOnWriteArrayList<>();
        try (CheckerPool pool = new CheckerPool(1)) {
            CheckReport report =
                    pool.submit(request("class Ship {}"), told::add).join();

            assertTrue(report.compiled());
            assertEquals(List.of("Reading 1 file", "Finding the roles"), told);
        }
    }

    @Test
    void aListenerThatFailsCostsNeitherItsCheckNorTheNext() {
        try (CheckerPool pool = new CheckerPool(1)) {
            var first = pool.submit(request("class Ship {}"), step -> {
                throw new IllegalStateException("nobody to tell");
            });
            var second = pool.submit(request("class Ship { int draught = ; }"), s -> {});

            assertTrue(first.join().compiled());
            assertFalse(second.join().compiled());
        }
    }

    @Test
    void aCheckThatBreaksTwoProcessesFailsAndTheNextIsMade() {
        try (CheckerPool pool = new CheckerPool(1)) {
            var broken = pool.submit(
                    request("class Ship {}"),
                    step -> ProcessHandle.current().descendants().forEach(ProcessHandle::destroyForcibly));
            var next = pool.submit(request("class Ship {}"), s -> {});

            CompletionException e = assertThrows(CompletionException.class, broken::join);
            assertInstanceOf(CheckFailed.class, e.getCause());
            assertTrue(
                    e.getCause().getMessage().contains("broke the checker 3 times"),
                    e.getCause().getMessage());
            assertTrue(next.join().compiled());
        }
    }

    @Test
    void aCheckThatBreaksOneProcessIsMadeAgain() {
        AtomicBoolean first = new AtomicBoolean(true);
        try (CheckerPool pool = new CheckerPool(1)) {
            CheckReport report = pool.submit(request("class Ship {}"), step -> {
                        if (first.getAndSet(false)) {
                            ProcessHandle.current().descendants().forEach(ProcessHandle::destroyForcibly);
                        }
                    })
                    .join();

            assertTrue(report.compiled());
        }
    }

    @Test
    void anErrorEndsItsCheckAndNotTheWorker() {
        try (CheckerPool pool = new CheckerPool(1)) {
            var first = pool.submit(request("class Ship {}"), step -> {
                throw new AssertionError("ours");
            });
            var second = pool.submit(request("class Ship {}"), s -> {});

            assertThrows(CompletionException.class, first::join);
            assertTrue(second.join().compiled());
        }
    }

    @Test
    void nobodyIsLeftWaitingWhenThePoolIsClosed() {
        CheckerPool pool = new CheckerPool(1);
        List<java.util.concurrent.CompletableFuture<CheckReport>> waiting = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            waiting.add(pool.submit(request("class Ship" + i + " {}"), s -> {}));
        }

        pool.close();

        assertTrue(waiting.stream().allMatch(java.util.concurrent.CompletableFuture::isDone));
        CompletionException e = assertThrows(
                CompletionException.class,
                () -> pool.submit(request("class Ship {}"), s -> {}).join());
        assertTrue(
                e.getCause().getMessage().contains("were stopped"), e.getCause().getMessage());
    }

    @Test
    void deeplyNestedSourcesAreRead() {
        String deep = "class Deep { int x = " + "(".repeat(5_000) + "1" + ")".repeat(5_000) + "; }";
        try (CheckerPool pool = new CheckerPool(1)) {
            assertTrue(pool.submit(request(deep), s -> {}).join().compiled());
        }
    }

    @Test
    void aPatternThatIsNoneIsToldWithItsPlace() {
        CheckRequest request =
                new CheckRequest("pattern", List.of(), List.of(), Map.of(), true, CheckRequest.Isolation.SANDBOX);
        try (CheckerPool pool = new CheckerPool(1)) {
            CompletionException e = assertThrows(
                    CompletionException.class,
                    () -> pool.submit(request, s -> {}).join());

            assertTrue(
                    e.getCause().getMessage().contains("line 1, column 8"),
                    e.getCause().getMessage());
        }
    }

    @Test
    void whatTakesTooLongIsStoppedAndTheProcessReplaced() throws Exception {
        try (CheckerProcess process = new CheckerProcess(256, Duration.ofMillis(1))) {
            CheckFailed e = assertThrows(CheckFailed.class, () -> process.ask(ship(), s -> {}));

            assertTrue(e.getMessage().contains("took longer than"), e.getMessage());
        }
        try (CheckerProcess process = new CheckerProcess(256, Duration.ofSeconds(60))) {
            assertTrue(process.ask(ship(), s -> {}).report().compiled());
        }
    }

    private static CheckerOrder ship() {
        return new CheckerOrder(request("class Ship {}"), null);
    }

    @Test
    void saysWhatSourcesDeclare() {
        try (CheckerPool pool = new CheckerPool(1)) {
            ProgramOutline outline = pool.outline(List.of(
                            new SourceFile(
                                    "Ship.java",
                                    "record Ship(String name) {}\nabstract class Crane { interface Hook {} }"),
                            new SourceFile("Broken.java", "class Broken { int x = ; }")))
                    .join();

            assertEquals(
                    List.of("class Broken 1", "record Ship 1", "abstract class Crane 2", "interface Crane.Hook 2"),
                    outline.types().stream()
                            .map(t -> t.kind() + " " + t.name() + " " + t.line())
                            .toList());
            assertEquals("Broken.java", outline.problems().get(0).file());
        }
    }

    @Test
    void manyChecksComeBackEachToItsOwn() {
        try (CheckerPool pool = new CheckerPool(2)) {
            List<java.util.concurrent.CompletableFuture<CheckReport>> running = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                running.add(pool.submit(
                        request(
                                "interface Fee%d { int of(int m); } class A implements Fee%d { public int of(int m) { return m; } } "
                                                .formatted(i, i)
                                        + "class B implements Fee%d { public int of(int m) { return 1; } }"
                                                .formatted(i)),
                        s -> {}));
            }
            for (int i = 0; i < running.size(); i++) {
                assertEquals(List.of("Fee" + i), running.get(i).join().roles().get("Strategy"));
            }
        }
    }

    private static CheckRequest request(String source) {
        return new CheckRequest(
                Catalogue.text("strategy").orElseThrow(),
                List.of(new SourceFile("Main.java", source)),
                List.of(),
                Map.of(),
                true,
                CheckRequest.Isolation.SANDBOX);
    }
}
