package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.notation.RunLimits;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Driven processes, some started ahead of need so that a check does not wait for one. Each is used once. */
public final class ReadyProcesses implements AutoCloseable {

    private final Sandbox sandbox;
    private final int ahead;
    private final Deque<DrivenProcess> ready = new ArrayDeque<>();
    private final ExecutorService starting = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "driven-starting");
        t.setDaemon(true);
        return t;
    });
    private boolean closed;

    /** @param ahead how many are kept ready, from the first that is taken on */
    public ReadyProcesses(Sandbox sandbox, int ahead) {
        this.sandbox = sandbox;
        this.ahead = ahead;
    }

    /** Why nothing can be run in the sandbox here; nothing where it can. */
    Optional<String> problem() {
        return sandbox.problemOnce();
    }

    DrivenProcess take(Isolation isolation, RunLimits limits) throws DriverLost {
        if (isolation != Isolation.SANDBOX || !limits.equals(RunLimits.USUAL)) {
            return DrivenProcess.start(sandbox, isolation, limits);
        }
        DrivenProcess taken = null;
        synchronized (this) {
            while (taken == null && !ready.isEmpty()) {
                DrivenProcess next = ready.poll();
                if (next.isAlive()) {
                    taken = next;
                } else {
                    next.close();
                }
            }
        }
        fillSoon();
        return taken != null ? taken : DrivenProcess.start(sandbox, isolation, limits);
    }

    private synchronized void fillSoon() {
        if (!closed && ahead > 0) {
            starting.execute(this::fill);
        }
    }

    private void fill() {
        try {
            while (wants()) {
                DrivenProcess p = DrivenProcess.start(sandbox, Isolation.SANDBOX, RunLimits.USUAL);
                synchronized (this) {
                    if (closed) {
                        p.close();
                    } else {
                        ready.add(p);
                    }
                }
            }
        } catch (DriverLost e) {
            // whoever needs one will start it and be told
        }
    }

    private synchronized boolean wants() {
        return !closed && ready.size() < ahead;
    }

    @Override
    public synchronized void close() {
        closed = true;
        starting.shutdownNow();
        ready.forEach(DrivenProcess::close);
        ready.clear();
    }
}
