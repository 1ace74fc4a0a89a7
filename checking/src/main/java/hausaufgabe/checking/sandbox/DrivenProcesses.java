package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.core.scenario.Driver;
import hausaufgabe.core.scenario.DriverLost;
import java.util.concurrent.TimeUnit;

/** Driven processes for one submission. */
public final class DrivenProcesses implements Driver.Source {

    private final Sandbox sandbox;
    private final Isolation isolation;
    private final long deadline;

    /** The time allowed begins now. */
    public DrivenProcesses(Sandbox sandbox, Isolation isolation) {
        this.sandbox = sandbox;
        this.isolation = isolation;
        this.deadline = System.nanoTime()
                + TimeUnit.MILLISECONDS.toNanos(sandbox.bounds().wallMilliseconds());
    }

    @Override
    public Driver open() throws DriverLost {
        if (isolation == Isolation.SANDBOX) {
            String problem = Sandbox.problemOnce();
            if (problem != null) {
                throw new DriverLost(DriverLost.Reason.NOT_STARTED, "Not run: " + problem + ".");
            }
        }
        return DrivenProcess.start(sandbox, isolation);
    }

    @Override
    public boolean exhausted() {
        return System.nanoTime() - deadline > 0;
    }
}
