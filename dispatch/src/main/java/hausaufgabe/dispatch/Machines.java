package hausaufgabe.dispatch;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.pool.CheckerPool;
import java.net.InetSocketAddress;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that checks: the checkers of this machine, workers elsewhere if they may come, and the broker between them, in this
 * process or outside.
 */
public final class Machines implements AutoCloseable {

    private final @Nullable EmbeddedBroker broker;
    private final RemoteChecks checks;
    private final @Nullable Worker here;

    /**
     * @param outside a broker of its own; null for one in this process
     * @param workersAt where workers come in, to the broker in this process; null for nowhere
     * @param workerPassword what they show; null where none may come
     * @param checkers how many checks this machine makes at a time; 0 leaves all to workers
     */
    public record Settings(
            @Nullable BrokerAccess outside,
            @Nullable InetSocketAddress workersAt,
            @Nullable String workerPassword,
            int checkers) {}

    /** @throws IllegalStateException where workers cannot be let in */
    public Machines(Settings settings, Clock clock) {
        broker =
                settings.outside() == null ? new EmbeddedBroker(settings.workersAt(), settings.workerPassword()) : null;
        BrokerAccess access = broker == null ? settings.outside() : broker.access();
        checks = new RemoteChecks(access, clock);
        here = settings.checkers() == 0 ? null : Worker.here(access, CheckerPool.endedByOwner(settings.checkers()));
    }

    /** Who checks, as of late. */
    public List<RemoteChecks.WorkerLine> workers() {
        return checks.workers();
    }

    /** Where workers come in; -1 for nowhere, or where the broker is outside. */
    public int workersPort() {
        return broker == null ? -1 : broker.port();
    }

    /** Puts checks into the queue. */
    public CheckDispatcher checks() {
        return checks;
    }

    @Override
    public void close() {
        checks.close();
        if (here != null) {
            here.close();
        }
        if (broker != null) {
            broker.close();
        }
    }
}
