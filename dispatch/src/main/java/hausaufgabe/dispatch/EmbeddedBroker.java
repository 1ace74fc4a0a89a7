package hausaufgabe.dispatch;

import java.net.InetSocketAddress;
import java.util.List;
import java.util.UUID;
import org.apache.activemq.broker.BrokerPlugin;
import org.apache.activemq.broker.BrokerService;
import org.apache.activemq.broker.TransportConnector;
import org.apache.activemq.command.ActiveMQDestination;
import org.apache.activemq.command.ActiveMQQueue;
import org.apache.activemq.command.ActiveMQTopic;
import org.apache.activemq.filter.DestinationMapEntry;
import org.apache.activemq.security.AuthenticationUser;
import org.apache.activemq.security.AuthorizationEntry;
import org.apache.activemq.security.AuthorizationPlugin;
import org.apache.activemq.security.DefaultAuthorizationMap;
import org.apache.activemq.security.SimpleAuthenticationPlugin;
import org.jspecify.annotations.Nullable;

/**
 * A broker in this process. It keeps nothing on a disk: what is to be checked stands in the records, and is put into the queue
 * again by whoever finds it gone. Workers may take checks and answer; nobody else may do anything.
 */
public final class EmbeddedBroker implements AutoCloseable {

    /** The sign-in of workers. */
    public static final String WORKER = "worker";

    private static final String SERVER = "server";
    private static final String SERVERS = "servers";
    private static final String WORKERS = "workers";
    private static final long MEMORY = 128L << 20;
    private static final int LARGEST_MESSAGE = 64 << 20;

    private final BrokerService broker = new BrokerService();
    private final String serverPassword = UUID.randomUUID().toString();
    private final @Nullable TransportConnector connector;

    /**
     * @param listen where workers on other machines may come; null for nowhere, port 0 for any that is free
     * @param workerPassword what they show; null where none may come
     * @throws IllegalStateException where it cannot listen there
     */
    public EmbeddedBroker(@Nullable InetSocketAddress listen, @Nullable String workerPassword) {
        broker.setBrokerName("hausaufgabe-" + UUID.randomUUID());
        broker.setPersistent(false);
        broker.setUseJmx(false);
        broker.setUseShutdownHook(false);
        broker.setAdvisorySupport(false);
        broker.setSchedulerSupport(false);
        broker.getSystemUsage().getMemoryUsage().setLimit(MEMORY);
        broker.setPlugins(new BrokerPlugin[] {users(workerPassword), rights()});
        try {
            connector = listen == null
                    ? null
                    : broker.addConnector("tcp://" + host(listen) + ":" + listen.getPort()
                            + "?maximumConnections=1000&wireFormat.maxInactivityDuration=10000&wireFormat.maxFrameSize="
                            + LARGEST_MESSAGE);
            broker.start();
            broker.waitUntilStarted();
        } catch (Exception e) {
            close();
            throw new IllegalStateException(
                    "workers cannot be let in at " + listen + ": " + e.getMessage() + ". Choose another port.", e);
        }
    }

    private static String host(InetSocketAddress listen) {
        String host = listen.getAddress().getHostAddress();
        return host.contains(":") ? "[" + host + "]" : host;
    }

    private SimpleAuthenticationPlugin users(@Nullable String workerPassword) {
        AuthenticationUser server = new AuthenticationUser(SERVER, serverPassword, SERVERS);
        SimpleAuthenticationPlugin users = new SimpleAuthenticationPlugin(
                workerPassword == null
                        ? List.of(server)
                        : List.of(server, new AuthenticationUser(WORKER, workerPassword, WORKERS)));
        users.setAnonymousAccessAllowed(false);
        return users;
    }

    @SuppressWarnings("rawtypes")
    private static AuthorizationPlugin rights() {
        List<DestinationMapEntry> entries = List.of(
                right(new ActiveMQQueue(BrokerAccess.CHECKS), WORKERS, SERVERS),
                right(new ActiveMQQueue(BrokerAccess.OUTLINES), WORKERS, SERVERS),
                right(new ActiveMQQueue(BrokerAccess.ANSWERS), SERVERS, WORKERS),
                right(new ActiveMQTopic(BrokerAccess.WORKERS), SERVERS, WORKERS));
        return new AuthorizationPlugin(new DefaultAuthorizationMap(entries));
    }

    private static AuthorizationEntry right(ActiveMQDestination where, String readers, String writers) {
        AuthorizationEntry entry = new AuthorizationEntry();
        entry.setDestination(where);
        try {
            // there are checkers in the server's own process, too
            entry.setRead(SERVERS + "," + readers);
            entry.setWrite(SERVERS + "," + writers);
            entry.setAdmin(SERVERS + "," + WORKERS);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
        return entry;
    }

    /** For the server, which is in the same process. */
    public BrokerAccess access() {
        return new BrokerAccess("vm://" + broker.getBrokerName() + "?create=false", SERVER, serverPassword);
    }

    /** Where workers come in; -1 for nowhere. */
    public int port() {
        try {
            return connector == null ? -1 : connector.getConnectUri().getPort();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        try {
            broker.stop();
            broker.waitUntilStopped();
        } catch (Exception e) {
            throw new IllegalStateException("the broker could not be stopped", e);
        }
    }
}
