package hausaufgabe.server;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.pool.RememberedReports;
import hausaufgabe.dispatch.BrokerAccess;
import hausaufgabe.dispatch.Machines;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.Base64;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;

/** Who makes the checks: this machine, workers, or both. */
@Configuration
@EnableConfigurationProperties(CheckingMachines.Broker.class)
class CheckingMachines {

    /** How many reports are kept for when the same is handed in again. */
    private static final int REPORTS = 1_000;

    /** Where workers find what they show to the broker in this process. */
    static final String PASSWORD_FILE = "worker-password";

    private static final int PASSWORD_BYTES = 24;

    /**
     * The broker between the server and its workers.
     *
     * @param url of one outside; null for one in this process
     * @param workersAt where workers come in to the latter, as PORT or ADDRESS:PORT; null for nowhere
     */
    @ConfigurationProperties("hausaufgabe.broker")
    record Broker(
            @Nullable String url,
            @DefaultValue("server") String user,
            @DefaultValue("") String password,
            @Nullable String workersAt) {

        /** @throws IllegalArgumentException where it cannot be read */
        @Nullable
        InetSocketAddress listensAt() {
            return workersAt == null ? null : listensAt(workersAt);
        }

        static InetSocketAddress listensAt(String text) {
            int colon = text.lastIndexOf(':');
            try {
                int port = Integer.parseInt(text.substring(colon + 1));
                InetAddress address =
                        colon < 0 ? InetAddress.getLoopbackAddress() : InetAddress.getByName(text.substring(0, colon));
                return new InetSocketAddress(address, port);
            } catch (IOException | IllegalArgumentException e) {
                throw new IllegalArgumentException(
                        "workers come in at PORT, or at ADDRESS:PORT of this machine, such as 0.0.0.0:61616, not at "
                                + text);
            }
        }
    }

    /** @param checkers how many checks at a time on this machine; below 0 for as many as there are cores, 0 for none */
    @Bean(destroyMethod = "close")
    @Lazy
    Machines machines(
            Broker broker,
            Clock clock,
            @Value("${hausaufgabe.checkers}") int checkers,
            @Value("${hausaufgabe.data}") Path data)
            throws IOException {
        int cores = Runtime.getRuntime().availableProcessors();
        BrokerAccess outside =
                broker.url() == null ? null : new BrokerAccess(broker.url(), broker.user(), broker.password());
        InetSocketAddress workersAt = outside == null ? broker.listensAt() : null;
        return new Machines(
                new Machines.Settings(
                        outside,
                        workersAt,
                        workersAt == null ? null : workerPassword(data),
                        checkers < 0 ? cores : checkers),
                clock);
    }

    private static String workerPassword(Path data) throws IOException {
        Path file = data.resolve(PASSWORD_FILE);
        if (!Files.exists(file)) {
            byte[] random = new byte[PASSWORD_BYTES];
            new SecureRandom().nextBytes(random);
            Files.writeString(file, Base64.getUrlEncoder().withoutPadding().encodeToString(random) + "\n");
            DataFolder.close(data);
        }
        return Files.readString(file).strip();
    }

    /** What was made before is not made again, whoever made it. */
    @Bean(destroyMethod = "")
    @Lazy
    CheckDispatcher dispatcher(Machines machines) {
        return new RememberedReports(machines.checks(), REPORTS);
    }

    @Bean
    @Lazy
    Greeting workersGreeting(Broker broker, Machines machines, @Value("${hausaufgabe.data}") Path data) {
        return address -> machines.workersPort() < 0
                ? List.of()
                : List.of(
                        "  Workers join with  ./hausaufgabe worker --broker tcp://"
                                + broker.listensAt().getAddress().getHostAddress() + ":" + machines.workersPort()
                                + " --password-file FILE",
                        "  where FILE is a copy of "
                                + data.resolve(PASSWORD_FILE).toAbsolutePath());
    }
}
