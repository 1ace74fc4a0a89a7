package hausaufgabe.checking.sandbox;

import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.notation.RunLimits;
import hausaufgabe.language.java.JavaReader;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** RunLimits that an exercise sets, kept by the machine itself. */
@Isolated("counts processes, or needs the machine for itself")
class LimitsTest {

    private static final String CRANE = "class Crane { static int turn() { int n = 0; while (true) n++; } }";

    @Test
    void whoeverUsesMoreThanAllowedIsStopped() throws DriverLost {
        RunLimits usual = RunLimits.USUAL;
        RunLimits brief =
                new RunLimits(usual.wallSeconds(), 1, usual.megabytes(), usual.threads(), usual.outputMegabytes());
        try (ReadyProcesses supply = new ReadyProcesses(new Sandbox(new JvmRuntime()), 0);
                Driver driver = new DrivenProcesses(supply, Isolation.SANDBOX).open(brief)) {
            JavaReader reader = new JavaReader();
            driver.ask(new Request.Load(reader.ready(
                    reader.read(List.of(new SourceFile("Crane.java", CRANE))).program())));
            Request endless = new Request.Call("Crane", "turn", List.of(), null, List.of());

            DriverLost lost = assertThrows(DriverLost.class, () -> driver.ask(endless));

            // on a machine that is busy otherwise the time of one call may be up before
            boolean stopped = lost.reason() == DriverLost.Reason.TIMED_OUT
                    || lost.getMessage().contains("more CPU time");
            assertTrue(stopped, lost.getMessage());
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {8, 64, 1024})
    void aProgramStartsWithWhateverMemoryItMayHave(int megabytes) throws DriverLost {
        RunLimits usual = RunLimits.USUAL;
        RunLimits other = new RunLimits(
                usual.wallSeconds(), usual.cpuSeconds(), megabytes, usual.threads(), usual.outputMegabytes());
        try (ReadyProcesses supply = new ReadyProcesses(new Sandbox(new JvmRuntime()), 0);
                Driver driver = new DrivenProcesses(supply, Isolation.SANDBOX).open(other)) {
            assertNull(driver.ask(new Request.Forget()).thrown());
        }
    }
}
