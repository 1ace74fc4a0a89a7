package hausaufgabe.dispatch;

import java.util.Map;
import org.apache.activemq.ActiveMQConnectionFactory;

/**
 * How a broker is reached, and as whom.
 *
 * @param url its address, such as {@code tcp://pier:61616}, or {@code ssl://} for one with TLS
 */
public record BrokerAccess(String url, String user, String password) {

    static final String CHECKS = "hausaufgabe.checks";
    static final String OUTLINES = "hausaufgabe.outlines";
    static final String ANSWERS = "hausaufgabe.answers";
    static final String WORKERS = "hausaufgabe.workers";

    /** Milliseconds without a sign of life after which a connection is taken for lost. */
    private static final int INACTIVITY = 10_000;

    /** Milliseconds that sending waits for a broker that is away. */
    private static final int SENDING = 5_000;

    /**
     * Connections that are made anew when they break.
     *
     * @param attempts how often the first one is tried before it is given up; -1 for always again
     */
    ActiveMQConnectionFactory connections(int attempts) {
        ActiveMQConnectionFactory factory = new ActiveMQConnectionFactory(user, password, lasting(attempts));
        factory.setWatchTopicAdvisories(false);
        factory.setUseCompression(true);
        // a check is taken by who is free, never kept in stock by who is not
        factory.getPrefetchPolicy().setQueuePrefetch(0);
        return factory;
    }

    private String lasting(int attempts) {
        if (url.startsWith("vm:") || url.startsWith("failover:")) {
            return url;
        }
        String heartbeat = (url.contains("?") ? "&" : "?") + "wireFormat.maxInactivityDuration=" + INACTIVITY;
        Map<String, Object> options = Map.of(
                "startupMaxReconnectAttempts", attempts,
                "initialReconnectDelay", 200,
                "maxReconnectDelay", 3_000,
                "timeout", SENDING,
                "warnAfterReconnectAttempts", 20);
        StringBuilder lasting = new StringBuilder("failover:(" + url + heartbeat + ")?");
        options.forEach(
                (name, value) -> lasting.append(name).append('=').append(value).append('&'));
        return lasting.substring(0, lasting.length() - 1);
    }
}
