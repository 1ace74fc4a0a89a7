package hausaufgabe.dispatch;

import jakarta.jms.ConnectionFactory;
import org.springframework.jms.listener.DefaultMessageListenerContainer;

/** What listens to a queue or topic, and begins again when the broker was away. */
final class Listening {

    /** Milliseconds that a free listener waits before it asks anew; also what a stop waits for. */
    private static final long ASKS = 500;

    /** Milliseconds before a broker that is away is asked for again. */
    private static final long RECOVERY = 2_000;

    private Listening() {}

    static DefaultMessageListenerContainer to(ConnectionFactory connections, String destination) {
        DefaultMessageListenerContainer container = new DefaultMessageListenerContainer();
        container.setConnectionFactory(connections);
        container.setDestinationName(destination);
        container.setReceiveTimeout(ASKS);
        container.setRecoveryInterval(RECOVERY);
        container.setBeanName("listens-to-" + destination);
        return container;
    }

    static void begin(DefaultMessageListenerContainer container) {
        container.afterPropertiesSet();
        container.start();
    }
}
