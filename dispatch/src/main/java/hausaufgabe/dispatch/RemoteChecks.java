package hausaufgabe.dispatch;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.checking.ProgramVersion;
import hausaufgabe.checking.pool.CheckerMessage;
import hausaufgabe.checking.pool.CheckerOrder;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import jakarta.jms.BytesMessage;
import jakarta.jms.ConnectionFactory;
import jakarta.jms.JMSException;
import jakarta.jms.Message;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jms.JmsException;
import org.springframework.jms.connection.CachingConnectionFactory;
import org.springframework.jms.core.JmsTemplate;
import org.springframework.jms.listener.DefaultMessageListenerContainer;

/**
 * Has checks made by whichever worker takes them from the broker's queue. What was put there and is in nobody's hands although
 * somebody is free is put there again: a broker that was started anew, or a worker that vanished, loses nothing. The first
 * answer to a check counts, and any further one is let go.
 */
public final class RemoteChecks implements CheckDispatcher {

    private static final Logger LOG = LoggerFactory.getLogger(RemoteChecks.class);

    private static final Duration UNSEEN = Duration.ofSeconds(30);
    private static final int WATCH_SECONDS = 5;
    /** How often a check is put into the queue at most. */
    private static final int SENDS = 5;

    private static final String CLOSED = "The checks were stopped before this one was over. Have it checked again.";

    private final String run = UUID.randomUUID().toString();
    private final String version = ProgramVersion.current();
    private final Clock clock;
    private final Duration unseen;
    private final WorkerList workers;
    private final Map<String, Pending> pending = new ConcurrentHashMap<>();
    private final CachingConnectionFactory sending;
    private final JmsTemplate template;
    private final List<DefaultMessageListenerContainer> listening;
    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread t = new Thread(work, "checks-watch");
        t.setDaemon(true);
        return t;
    });
    private volatile boolean closed;

    /** A check that somebody waits for. */
    private static final class Pending {
        final String queue;
        final Envelope request;
        final Consumer<String> progress;
        final CompletableFuture<CheckerMessage> answer = new CompletableFuture<>();
        volatile Instant seen;
        volatile int sends;

        Pending(String queue, Envelope request, Consumer<String> progress, Instant now) {
            this.queue = queue;
            this.request = request;
            this.progress = progress;
            this.seen = now;
        }
    }

    /**
     * A worker, as people see it.
     *
     * @param size how many checks it makes at a time
     * @param doing how many it is making
     * @param made how many it has made since it started
     * @param here whether it is the server's own machine
     * @param fits whether it runs the same version of the program; one that does not gets nothing
     */
    public record WorkerLine(
            String id, String name, int size, int doing, long made, Instant since, boolean here, boolean fits) {}

    public RemoteChecks(BrokerAccess broker, Clock clock) {
        this(broker, clock, UNSEEN);
    }

    /** @param unseen after this long in nobody's hands, although somebody is free, a check is put into the queue again */
    RemoteChecks(BrokerAccess broker, Clock clock, Duration unseen) {
        this.clock = clock;
        this.unseen = unseen;
        this.workers = new WorkerList(clock, version);
        ConnectionFactory connections = broker.connections(-1);
        this.sending = new CachingConnectionFactory(connections);
        this.template = new JmsTemplate(sending);
        template.setExplicitQosEnabled(true);
        template.setDeliveryPersistent(false);
        DefaultMessageListenerContainer answers = Listening.to(connections, BrokerAccess.ANSWERS);
        answers.setMessageSelector(Envelope.RUN + " = '" + run + "'");
        answers.setMessageListener((jakarta.jms.MessageListener) this::hear);
        DefaultMessageListenerContainer heartbeats = Listening.to(connections, BrokerAccess.WORKERS);
        heartbeats.setPubSubDomain(true);
        heartbeats.setMessageListener((jakarta.jms.MessageListener) this::hearHeartbeat);
        this.listening = List.of(answers, heartbeats);
        listening.forEach(Listening::begin);
        watch.scheduleWithFixedDelay(this::look, WATCH_SECONDS, WATCH_SECONDS, TimeUnit.SECONDS);
    }

    @Override
    public CompletableFuture<CheckReport> submit(CheckRequest request, Consumer<String> progress) {
        return put(BrokerAccess.CHECKS, new CheckerOrder(request, null), progress)
                .thenApply(CheckerMessage::report);
    }

    @Override
    public CompletableFuture<ProgramOutline> outline(List<SourceFile> sources) {
        return put(BrokerAccess.OUTLINES, new CheckerOrder(null, sources), step -> {})
                .thenApply(CheckerMessage::outline);
    }

    @Override
    public int capacity() {
        return Math.max(1, workers.capacity());
    }

    /** The workers that gave a sign of life of late. */
    public List<WorkerLine> workers() {
        return workers.lines();
    }

    private CompletableFuture<CheckerMessage> put(String queue, CheckerOrder order, Consumer<String> progress) {
        String id = UUID.randomUUID().toString();
        Pending p = new Pending(queue, Envelope.request(id, run, version, order), progress, Instant.now(clock));
        pending.put(id, p);
        p.answer.whenComplete((answer, failure) -> pending.remove(id));
        if (closed) {
            p.answer.completeExceptionally(CheckFailed.stopped(CLOSED));
        } else {
            send(p);
        }
        return p.answer;
    }

    private void send(Pending p) {
        p.seen = Instant.now(clock);
        try {
            template.send(p.queue, p.request::in);
            p.sends++;
        } catch (JmsException e) {
            // it is tried again by and by
            LOG.warn("the broker does not take a check: {}", e.getMessage());
        }
    }

    private void hear(Message message) {
        try {
            Envelope answer = Envelope.of(message);
            Pending p = pending.get(answer.check());
            if (p == null) {
                return;
            }
            if (!answer.content().equals(p.request.content())
                    || !answer.version().equals(version)) {
                LOG.warn("an answer to check {} was made of something else, and is let go", answer.check());
                return;
            }
            p.seen = Instant.now(clock);
            CheckerMessage told = answer.read(CheckerMessage.class);
            if (told.progress() != null) {
                p.progress.accept(told.progress());
            } else if (told.failed() != null) {
                p.answer.completeExceptionally(new CheckFailed(told.failed()));
            } else {
                p.answer.complete(told);
            }
        } catch (JMSException | IOException | RuntimeException e) {
            LOG.error("an answer of a worker could not be taken", e);
        }
    }

    private void hearHeartbeat(Message message) {
        try {
            BytesMessage bytes = (BytesMessage) message;
            byte[] body = new byte[Math.toIntExact(bytes.getBodyLength())];
            bytes.readBytes(body);
            workers.hear(Json.mapper().readValue(body, Heartbeat.class));
        } catch (JMSException | IOException | RuntimeException e) {
            LOG.error("a worker's sign of life could not be read", e);
        }
    }

    /** Puts into the queue again what got lost. */
    private void look() {
        try {
            workers.forgetSilent();
            Instant now = Instant.now(clock);
            boolean idle = workers.isIdle();
            for (Pending p : List.copyOf(pending.values())) {
                if (!idle && p.sends > 0 || workers.isInHands(p.request.check())) {
                    // it waits for its turn, or is being made
                    p.seen = now;
                } else if (p.sends == 0 || p.seen.isBefore(now.minus(unseen))) {
                    sendAgain(p);
                }
            }
        } catch (RuntimeException e) {
            LOG.error("what got lost could not be looked for", e);
        }
    }

    private void sendAgain(Pending p) {
        if (p.sends >= SENDS) {
            p.answer.completeExceptionally(new CheckFailed("It was given out " + SENDS
                    + " times and nobody answered, so it was set aside. Have it checked again."));
        } else {
            send(p);
        }
    }

    @Override
    public void close() {
        closed = true;
        watch.shutdownNow();
        List.copyOf(pending.values()).forEach(p -> p.answer.completeExceptionally(CheckFailed.stopped(CLOSED)));
        listening.forEach(DefaultMessageListenerContainer::shutdown);
        sending.destroy();
    }
}
