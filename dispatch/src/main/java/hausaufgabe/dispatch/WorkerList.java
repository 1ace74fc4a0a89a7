package hausaufgabe.dispatch;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The workers that gave a sign of life of late. */
final class WorkerList {

    private static final Logger LOG = LoggerFactory.getLogger(WorkerList.class);
    /** After this long without a sign of life a worker is no longer counted on. */
    private static final Duration SILENCE = Duration.ofSeconds(20);

    private final Clock clock;
    private final String version;
    private final Map<String, Heard> workers = new ConcurrentHashMap<>();

    private record Heard(Heartbeat heartbeat, Instant first, Instant last) {}

    /** @param version of this program: workers of another one get nothing */
    WorkerList(Clock clock, String version) {
        this.clock = clock;
        this.version = version;
    }

    void hear(Heartbeat h) {
        if (h.size() == 0) {
            if (workers.remove(h.id()) != null) {
                LOG.info("worker {} has left after {} checks", h.name(), h.made());
            }
            return;
        }
        Instant now = Instant.now(clock);
        Heard before = workers.get(h.id());
        workers.put(h.id(), new Heard(h, before == null ? now : before.first(), now));
        if (before == null && fits(h) && !h.here()) {
            LOG.info("worker {} is there and makes {} checks at a time", h.name(), h.size());
        } else if (before == null && !fits(h)) {
            LOG.warn(
                    "worker {} runs version {} of the program, not {}, and gets nothing",
                    h.name(),
                    h.version(),
                    version);
        }
    }

    private boolean fits(Heartbeat h) {
        return h.version().equals(version);
    }

    /** Forgets who has been silent for too long. */
    void forgetSilent() {
        Instant before = Instant.now(clock).minus(SILENCE);
        workers.values().stream()
                .filter(h -> h.last().isBefore(before))
                .toList()
                .forEach(h -> {
                    workers.remove(h.heartbeat().id());
                    LOG.warn(
                            "worker {} has vanished; what it was checking is checked elsewhere",
                            h.heartbeat().name());
                });
    }

    /** How many checks those that get some make at a time. */
    int capacity() {
        return workers.values().stream()
                .map(Heard::heartbeat)
                .filter(this::fits)
                .mapToInt(Heartbeat::size)
                .sum();
    }

    /** Whether some worker that gets checks has nothing to do for one of its places. */
    boolean isIdle() {
        return workers.values().stream()
                .map(Heard::heartbeat)
                .anyMatch(h -> fits(h) && h.hands().size() < h.size());
    }

    boolean isInHands(String check) {
        return workers.values().stream().anyMatch(h -> h.heartbeat().hands().contains(check));
    }

    List<RemoteChecks.WorkerLine> lines() {
        return workers.values().stream()
                .map(h -> new RemoteChecks.WorkerLine(
                        h.heartbeat().id(),
                        h.heartbeat().name(),
                        h.heartbeat().size(),
                        h.heartbeat().hands().size(),
                        h.heartbeat().made(),
                        h.first(),
                        h.heartbeat().here(),
                        fits(h.heartbeat())))
                .sorted(Comparator.comparing(RemoteChecks.WorkerLine::name).thenComparing(RemoteChecks.WorkerLine::id))
                .toList();
    }
}
