package hausaufgabe.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.CheckRequest;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(60)
class MachinesTest {

    @Test
    void thisMachineChecksByItselfAndLetsNobodyIn() throws Exception {
        try (Machines machines = new Machines(new Machines.Settings(null, null, null, 1), Clock.systemUTC())) {
            CheckReport report = machines.checks()
                    .submit(
                            new CheckRequest(
                                    Catalogue.text("strategy").orElseThrow(),
                                    List.of(new SourceFile("Pier.java", "class Pier {}")),
                                    List.of(),
                                    Map.of(),
                                    true,
                                    CheckRequest.Isolation.SANDBOX),
                            step -> {})
                    .get(30, TimeUnit.SECONDS);

            assertTrue(report.compiled());
            assertEquals(-1, machines.workersPort());
            assertEquals(
                    List.of(true),
                    machines.workers().stream()
                            .map(RemoteChecks.WorkerLine::here)
                            .toList());
        }
    }

    @Test
    void aPlaceForWorkersThatIsTakenIsSaidSo() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            InetSocketAddress there = new InetSocketAddress(InetAddress.getLoopbackAddress(), taken.getLocalPort());

            IllegalStateException refused = assertThrows(
                    IllegalStateException.class,
                    () -> new Machines(new Machines.Settings(null, there, "low water", 0), Clock.systemUTC()));

            assertTrue(refused.getMessage().contains("Choose another port"), refused.getMessage());
        }
    }
}
