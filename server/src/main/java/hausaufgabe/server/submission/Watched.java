package hausaufgabe.server.submission;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.MeterBinder;
import org.springframework.boot.actuate.health.Health;
import org.springframework.boot.actuate.health.HealthIndicator;
import org.springframework.boot.actuate.health.Status;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What a monitoring system is told of checks: how many wait, how many go on, and whether programs can be run. */
@Configuration
class Watched {

    /** Works, and not with everything. */
    private static final Status LIMITED = new Status("LIMITED");

    @Bean
    MeterBinder checks(CheckDesk desk) {
        return (MeterRegistry registry) -> {
            Gauge.builder("hausaufgabe.checks.waiting", desk, CheckDesk::waiting)
                    .description("Submissions that wait for their check")
                    .register(registry);
            Gauge.builder("hausaufgabe.checks.running", desk, CheckDesk::running)
                    .description("Submissions that are being checked")
                    .register(registry);
        };
    }

    /** Whether student programs can be run here. */
    @Bean
    HealthIndicator sandbox(SandboxController sandbox) {
        return () -> {
            SandboxController.SandboxState state = sandbox.state();
            if (state.unsafe()) {
                return Health.status(LIMITED)
                        .withDetail("why", "student code runs without a sandbox")
                        .build();
            }
            return state.problem() == null
                    ? Health.up().build()
                    : Health.status(LIMITED).withDetail("why", state.problem()).build();
        };
    }
}
