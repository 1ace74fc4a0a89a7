package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.notation.RunLimits;
import java.util.Optional;
import java.util.concurrent.TimeUnit;

/** Driven processes for one submission. The time allowed begins with the first. */
public final class DrivenProcesses implements Driver.Source {

    private final ReadyProcesses supply;
    private final Isolation isolation;
    private long deadline;

    public DrivenProcesses(ReadyProcesses supply, Isolation isolation) {
        this.supply = supply;
        this.isolation = isolation;
    }

    @Override
    public Driver open(RunLimits limits) throws DriverLost {
        if (isolation == Isolation.SANDBOX) {
            Optional<String> problem = supply.problem();
            if (problem.isPresent()) {
                throw new DriverLost(DriverLost.Reason.NOT_STARTED, "Not run: " + problem.get() + ".");
            }
        }
        if (deadline == 0) {
            deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(limits.wallSeconds());
        }
        return supply.take(isolation, limits).until(deadline);
    }

    /** Waits a little until those that were closed have ended. */
    public static void awaitEnds() {
        DrivenProcess.awaitEnds();
    }

    @Override
    public boolean exhausted() {
        return deadline != 0 && System.nanoTime() - deadline > 0;
    }
}
