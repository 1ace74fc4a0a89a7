package hausaufgabe.checking.sandbox;

import static org.junit.jupiter.api.Assertions.assertEquals;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.RunLimits;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

/** Driven processes leave neither processes nor folders behind, however they end. */
@Isolated("counts processes, or needs the machine for itself")
class LeftoversTest {

    private static final ReadyProcesses SUPPLY = new ReadyProcesses(new Sandbox(new JvmRuntime()), 0);

    @Test
    void noProcessAndNoFolderIsLeft() throws Exception {
        Set<Long> before = descendants();
        Set<Path> folders = folders();
        for (int i = 0; i < 30; i++) {
            Isolation isolation = i % 3 == 0 ? Isolation.PROCESS : Isolation.SANDBOX;
            Driver d = new DrivenProcesses(SUPPLY, isolation).open(RunLimits.USUAL);
            d.ask(new Request.Forget());
            if (i % 2 == 0) {
                ends(d);
            }
            d.close();
        }
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(10);
        Set<Long> left = left(before);
        while (!left.isEmpty() && System.nanoTime() < deadline) {
            Thread.sleep(20);
            left = left(before);
        }

        assertEquals(Set.of(), left);
        assertEquals(folders, folders());
    }

    /** The program ends the process itself. */
    private static void ends(Driver d) {
        Request exit = new Request.Call(
                "java.lang.System", "exit", List.of("int"), null, List.of(new Input.Simple(Kind.NUMBER, "int", "4")));
        try {
            d.ask(exit);
        } catch (DriverLost e) {
            assertEquals(DriverLost.Reason.ENDED, e.reason());
        }
    }

    private static Set<Long> left(Set<Long> before) {
        Set<Long> now = descendants();
        now.removeAll(before);
        return now;
    }

    private static Set<Long> descendants() {
        return ProcessHandle.current()
                .descendants()
                .map(ProcessHandle::pid)
                .collect(Collectors.toCollection(HashSet::new));
    }

    private static Set<Path> folders() throws IOException {
        try (Stream<Path> files = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
            return files.filter(f -> f.getFileName().toString().startsWith("hausaufgabe"))
                    .collect(Collectors.toSet());
        }
    }
}
