package hausaufgabe.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.java.JavaLanguage;
import jakarta.jms.Connection;
import jakarta.jms.JMSException;
import jakarta.jms.JMSSecurityException;
import jakarta.jms.Session;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.apache.activemq.broker.BrokerService;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Checks that go through a real broker to workers in this process. */
@Timeout(60)
class RemoteChecksTest {

    private static final String PASSWORD = "low water";

    private final List<AutoCloseable> open = new ArrayList<>();
    private final Later clock = new Later();

    /** The clock of this machine, with a lead that grows. */
    private static final class Later extends Clock {
        private volatile Duration lead = Duration.ZERO;

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return Instant.now().plus(lead);
        }
    }

    /** A check in somebody's hands, to be ended by the test. */
    private record Held(CheckRequest request, Consumer<String> progress, CompletableFuture<CheckReport> end) {
        void report() {
            end.complete(new Check(new JavaLanguage(), isolation -> null, List.of()).run(request, progress));
        }
    }

    /** Makes checks when the test says so. */
    private static final class Hands implements CheckDispatcher {
        final BlockingQueue<Held> held = new LinkedBlockingQueue<>();

        @Override
        public CompletableFuture<CheckReport> submit(CheckRequest request, Consumer<String> progress) {
            Held h = new Held(request, progress, new CompletableFuture<>());
            held.add(h);
            return h.end();
        }

        @Override
        public CompletableFuture<ProgramOutline> outline(List<SourceFile> sources) {
            return CompletableFuture.completedFuture(
                    new Check(new JavaLanguage(), isolation -> null, List.of()).outline(sources));
        }

        @Override
        public int capacity() {
            return 1;
        }

        Held next() throws InterruptedException {
            Held h = held.poll(20, TimeUnit.SECONDS);
            assertTrue(h != null, "no check came");
            return h;
        }

        @Override
        public void close() {
            held.forEach(h -> h.end().completeExceptionally(CheckFailed.stopped("stopped")));
        }
    }

    private <T extends AutoCloseable> T closing(T opened) {
        open.add(0, opened);
        return opened;
    }

    @AfterEach
    void close() throws Exception {
        for (AutoCloseable o : open) {
            o.close();
        }
    }

    private EmbeddedBroker broker() {
        return closing(new EmbeddedBroker(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), PASSWORD));
    }

    private static BrokerAccess worker(EmbeddedBroker broker, String password) {
        return new BrokerAccess("tcp://127.0.0.1:" + broker.port(), EmbeddedBroker.WORKER, password);
    }

    private static CheckRequest request(String source) {
        return new CheckRequest(
                Catalogue.text("strategy").orElseThrow(),
                List.of(new SourceFile("Pier.java", source)),
                List.of(),
                Map.of(),
                true,
                CheckRequest.Isolation.SANDBOX);
    }

    private static CheckFailed failure(CompletableFuture<CheckReport> report) {
        ExecutionException e = assertThrows(ExecutionException.class, () -> report.get(20, TimeUnit.SECONDS));
        return assertInstanceOf(CheckFailed.class, e.getCause());
    }

    private static void await(BooleanSupplier until) throws InterruptedException {
        for (int i = 0; i < 400 && !until.getAsBoolean(); i++) {
            Thread.sleep(50);
        }
        assertTrue(until.getAsBoolean(), "it did not come to that");
    }

    @Test
    void aCheckGoesOutAndItsStepsAndReportComeBack() throws Exception {
        EmbeddedBroker broker = broker();
        RemoteChecks checks = closing(new RemoteChecks(broker.access(), clock));
        Hands hands = new Hands();
        closing(new Worker(worker(broker, PASSWORD), hands, "pier-1"));
        List<String> told = new CopyOnWriteArrayList<>();

        CompletableFuture<CheckReport> report = checks.submit(request("class Pier {}"), told::add);
        hands.next().report();

        assertEquals("strategy", report.get(20, TimeUnit.SECONDS).pattern());
        await(() -> told.contains("Finding the roles"));
    }

    @Test
    void outlinesComeBackWhileAllPlacesForChecksAreTaken() throws Exception {
        EmbeddedBroker broker = broker();
        RemoteChecks checks = closing(new RemoteChecks(broker.access(), clock));
        Hands hands = new Hands();
        closing(new Worker(broker.access(), hands, "here"));
        checks.submit(request("class Pier {}"), s -> {});
        hands.next();

        ProgramOutline outline = checks.outline(List.of(new SourceFile("Pier.java", "class Pier {}")))
                .get(20, TimeUnit.SECONDS);

        assertTrue(outline.toString().contains("Pier"), outline.toString());
    }

    @Test
    void aCheckThatFailsSaysWhy() throws Exception {
        EmbeddedBroker broker = broker();
        RemoteChecks checks = closing(new RemoteChecks(broker.access(), clock));
        Hands hands = new Hands();
        closing(new Worker(broker.access(), hands, "here"));

        CompletableFuture<CheckReport> report = checks.submit(request("class Pier {}"), s -> {});
        hands.next().end().completeExceptionally(new CheckFailed("It broke the checker."));

        assertEquals("It broke the checker.", failure(report).getMessage());
    }

    @Test
    void whatAWorkerHadInHandsIsMadeByAnotherWhenItStops() throws Exception {
        EmbeddedBroker broker = broker();
        RemoteChecks checks = closing(new RemoteChecks(broker.access(), clock));
        Hands first = new Hands();
        Worker leaving = new Worker(worker(broker, PASSWORD), first, "pier-1");
        CompletableFuture<CheckReport> report = checks.submit(request("class Pier {}"), s -> {});
        Held held = first.next();
        first.held.add(held);

        leaving.close();
        Hands second = new Hands();
        closing(new Worker(worker(broker, PASSWORD), second, "pier-2"));
        second.next().report();

        assertEquals("strategy", report.get(20, TimeUnit.SECONDS).pattern());
    }

    @Test
    void whatMakesWorkersVanishIsSetAside() throws Exception {
        EmbeddedBroker broker = broker();
        RemoteChecks checks = closing(new RemoteChecks(broker.access(), clock));
        Hands hands = new Hands();
        closing(new Worker(broker.access(), hands, "here"));

        CompletableFuture<CheckReport> report = checks.submit(request("class Pier {}"), s -> {});
        for (int i = 0; i < 3; i++) {
            hands.next().end().completeExceptionally(CheckFailed.stopped("gone"));
        }

        assertTrue(failure(report).getMessage().contains("vanished 3 times"));
    }

    @Test
    void aWorkerOfAnotherVersionIsSeenAndGetsNothing() throws Exception {
        EmbeddedBroker broker = broker();
        RemoteChecks checks = closing(new RemoteChecks(broker.access(), clock));
        Hands other = new Hands();
        closing(new Worker(broker.access().connections(3), other, "old pier", "another", false));
        CompletableFuture<CheckReport> report = checks.submit(request("class Pier {}"), s -> {});
        await(() -> !checks.workers().isEmpty());
        assertFalse(checks.workers().get(0).fits());

        Hands same = new Hands();
        closing(new Worker(broker.access(), same, "here"));
        same.next().report();
        report.get(20, TimeUnit.SECONDS);
        assertEquals(0, other.held.size());
    }

    @Test
    void capacityIsWhatTheWorkersThatAreThereCanDo() throws Exception {
        EmbeddedBroker broker = broker();
        RemoteChecks checks = closing(new RemoteChecks(broker.access(), clock));
        assertEquals(1, checks.capacity());
        Worker first = new Worker(broker.access(), new Hands(), "pier-1");
        closing(new Worker(broker.access(), new Hands(), "pier-2"));
        await(() -> checks.capacity() == 2);

        first.close();
        await(() -> checks.capacity() == 1);
        assertEquals(
                List.of("pier-2"),
                checks.workers().stream().map(RemoteChecks.WorkerLine::name).toList());
        clock.lead = Duration.ofMinutes(1);
        await(() ->
                checks.workers().isEmpty() || checks.workers().get(0).since().isAfter(Instant.now()));
    }

    @Test
    void nobodyComesInWithoutThePasswordAndAWorkerReadsNoAnswers() throws Exception {
        EmbeddedBroker broker = broker();
        assertThrows(JMSSecurityException.class, () -> Worker.knock(worker(broker, "high water")));
        Worker.knock(worker(broker, PASSWORD));
        try (Connection connection = worker(broker, PASSWORD).connections(3).createConnection()) {
            connection.start();
            Session session = connection.createSession(false, Session.AUTO_ACKNOWLEDGE);
            assertThrows(JMSException.class, () -> session.createConsumer(session.createQueue(BrokerAccess.ANSWERS)));
            assertThrows(JMSException.class, () -> session.createProducer(session.createQueue(BrokerAccess.CHECKS)));
        }
    }

    @Test
    void whatABrokerForgotIsPutThereAgain() throws Exception {
        BrokerService first = outside(0);
        int port = first.getTransportConnectors().get(0).getConnectUri().getPort();
        BrokerAccess access = new BrokerAccess("tcp://127.0.0.1:" + port, "anybody", "anything");
        RemoteChecks checks = closing(new RemoteChecks(access, clock, Duration.ofSeconds(1)));
        CompletableFuture<CheckReport> report = checks.submit(request("class Pier {}"), s -> {});
        first.stop();
        first.waitUntilStopped();

        BrokerService second = outside(port);
        open.add(second::stop);
        Hands hands = new Hands();
        closing(new Worker(access, hands, "pier-1"));
        hands.next().report();

        assertEquals("strategy", report.get(20, TimeUnit.SECONDS).pattern());
    }

    /** A broker that stands by itself, and keeps nothing. */
    private static BrokerService outside(int port) throws Exception {
        BrokerService broker = new BrokerService();
        broker.setBrokerName("outside");
        broker.setPersistent(false);
        broker.setUseJmx(false);
        broker.addConnector("tcp://127.0.0.1:" + port);
        broker.start();
        broker.waitUntilStarted();
        return broker;
    }

    @Test
    void whatIsNotAnsweredWhenTheServerStopsCanBeMadeAnotherTime() {
        EmbeddedBroker broker = broker();
        RemoteChecks checks = new RemoteChecks(broker.access(), clock);
        CompletableFuture<CheckReport> report = checks.submit(request("class Pier {}"), s -> {});

        checks.close();

        assertTrue(failure(report).isStop());
    }
}
