package hausaufgabe.dispatch;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.ProgramVersion;
import hausaufgabe.checking.pool.CheckerMessage;
import hausaufgabe.checking.pool.CheckerOrder;
import jakarta.jms.Connection;
import jakarta.jms.ConnectionFactory;
import jakarta.jms.JMSException;
import jakarta.jms.Message;
import jakarta.jms.MessageProducer;
import jakarta.jms.Session;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jms.JmsException;
import org.springframework.jms.connection.CachingConnectionFactory;
import org.springframework.jms.core.JmsTemplate;
import org.springframework.jms.listener.DefaultMessageListenerContainer;
import org.springframework.jms.listener.SessionAwareMessageListener;

/**
 * Takes checks from the broker's queue, has them made, and answers. A check is taken out of the queue and its answer put in in
 * one transaction: if this worker vanishes before, the broker gives the check to another.
 */
public final class Worker implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Worker.class);
    private static final int HEARTBEAT_SECONDS = 5;
    /** How often a check is given out whose workers vanish over it. */
    private static final int DELIVERIES = 3;

    private static final String HERE = "this machine";
    private static final long POLL_MILLIS = 50;

    private final String id = UUID.randomUUID().toString();
    private final String name;
    private final String version;
    private final boolean here;
    private final int size;
    private final CheckDispatcher checks;
    private final Set<String> hands = ConcurrentHashMap.newKeySet();
    private final AtomicLong made = new AtomicLong();
    private final CachingConnectionFactory sending;
    private final JmsTemplate template;
    private final List<DefaultMessageListenerContainer> listening;
    private final ScheduledExecutorService heart = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread t = new Thread(work, "worker-heart");
        t.setDaemon(true);
        return t;
    });

    /** It was stopped while a check was being made; that one goes back into the queue. */
    private static final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /**
     * @param checks makes them; closed with this
     * @param name what people call it
     */
    public Worker(BrokerAccess broker, CheckDispatcher checks, String name) {
        this(broker.connections(-1), checks, name, ProgramVersion.current(), false);
    }

    /** The checkers of the server's own machine. */
    static Worker here(BrokerAccess broker, CheckDispatcher checks) {
        return new Worker(broker.connections(-1), checks, HERE, ProgramVersion.current(), true);
    }

    Worker(ConnectionFactory connections, CheckDispatcher checks, String name, String version, boolean here) {
        this.checks = checks;
        this.name = name;
        this.here = here;
        this.size = checks.capacity();
        this.sending = new CachingConnectionFactory(connections);
        this.template = new JmsTemplate(sending);
        template.setExplicitQosEnabled(true);
        template.setDeliveryPersistent(false);
        this.listening = List.of(
                taking(connections, BrokerAccess.CHECKS, size, version),
                // what people wait for goes before, also here
                taking(connections, BrokerAccess.OUTLINES, 1, version));
        listening.forEach(Listening::begin);
        this.version = version;
        heart.scheduleWithFixedDelay(() -> beat(size), 0, HEARTBEAT_SECONDS, TimeUnit.SECONDS);
    }

    /**
     * Looks whether the broker lets a worker in.
     *
     * @throws JMSException where it is not there, or knows nobody by these credentials
     */
    static void knock(BrokerAccess broker) throws JMSException {
        try (Connection connection = broker.connections(3).createConnection()) {
            connection.start();
        }
    }

    private DefaultMessageListenerContainer taking(
            ConnectionFactory connections, String queue, int atATime, String version) {
        DefaultMessageListenerContainer container = Listening.to(connections, queue);
        container.setMessageSelector(Envelope.VERSION + " = '" + version + "'");
        container.setSessionTransacted(true);
        container.setConcurrentConsumers(atATime);
        container.setErrorHandler(e -> {
            if (!(e instanceof Stopped)) {
                LOG.error("a check could not be taken or answered", e);
            }
        });
        container.setMessageListener((SessionAwareMessageListener<Message>) this::take);
        return container;
    }

    private void take(Message message, Session session) throws JMSException {
        Envelope request = Envelope.of(message);
        hands.add(request.check());
        try {
            CheckerMessage answer = message.getIntProperty("JMSXDeliveryCount") > DELIVERIES
                    ? CheckerMessage.failed("The machines that checked this vanished " + DELIVERIES
                            + " times, so it was set aside, and holds nothing else up.")
                    : answer(request);
            try (MessageProducer producer = session.createProducer(session.createQueue(BrokerAccess.ANSWERS))) {
                producer.setDeliveryMode(jakarta.jms.DeliveryMode.NON_PERSISTENT);
                producer.send(request.answer(answer).in(session));
            }
            made.incrementAndGet();
        } finally {
            hands.remove(request.check());
        }
    }

    private CheckerMessage answer(Envelope request) {
        if (!request.isWhole()) {
            return CheckerMessage.failed("The check arrived damaged at worker " + name + ". Have it checked again.");
        }
        try {
            CheckerOrder order = request.read(CheckerOrder.class);
            return order.check() == null
                    ? CheckerMessage.outline(result(checks.outline(order.outline())))
                    : CheckerMessage.report(result(
                            checks.submit(order.check(), step -> tell(request.answer(CheckerMessage.progress(step))))));
        } catch (CheckFailed e) {
            if (e.isStop()) {
                throw new Stopped();
            }
            return CheckerMessage.failed(e.getMessage());
        } catch (IOException e) {
            LOG.error("a check could not be read", e);
            return CheckerMessage.failed(
                    "The check could not be read by worker " + name + ". This is a fault of ours.");
        }
    }

    private static <T> T result(CompletableFuture<T> made) {
        try {
            return made.get();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof CheckFailed f) {
                throw f;
            }
            LOG.error("a check broke", e.getCause());
            throw new CheckFailed("The check broke. This is a fault of ours.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Stopped();
        }
    }

    private void tell(Envelope progress) {
        try {
            template.send(BrokerAccess.ANSWERS, progress::in);
        } catch (JmsException e) {
            LOG.debug("a step could not be told", e);
        }
    }

    /** @param places for checks; 0 says goodbye */
    private void beat(int places) {
        Heartbeat heartbeat = new Heartbeat(id, name, version, places, Set.copyOf(hands), made.get(), here);
        try {
            template.execute(session -> {
                try (MessageProducer producer = session.createProducer(session.createTopic(BrokerAccess.WORKERS))) {
                    producer.setDeliveryMode(jakarta.jms.DeliveryMode.NON_PERSISTENT);
                    jakarta.jms.BytesMessage message = session.createBytesMessage();
                    message.writeBytes(Json.mapper().writeValueAsBytes(heartbeat));
                    producer.send(message);
                    return null;
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
            });
        } catch (RuntimeException e) {
            LOG.warn("the broker does not hear this worker: {}", e.getMessage());
        }
    }

    /** How many checks it has made. */
    public long made() {
        return made.get();
    }

    /** Takes no more checks, and waits for those that are being made. */
    public void finish(Duration most) throws InterruptedException {
        listening.forEach(DefaultMessageListenerContainer::stop);
        long end = System.nanoTime() + most.toNanos();
        while (!hands.isEmpty() && System.nanoTime() < end) {
            Thread.sleep(POLL_MILLIS);
        }
    }

    /** Stops at once; what is being made goes back into the queue. */
    @Override
    public void close() {
        heart.shutdownNow();
        checks.close();
        listening.forEach(DefaultMessageListenerContainer::shutdown);
        beat(0);
        sending.destroy();
    }
}
