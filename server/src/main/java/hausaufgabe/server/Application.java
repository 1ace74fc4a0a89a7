package hausaufgabe.server;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.pool.CheckerPool;
import hausaufgabe.checking.pool.RememberedReports;
import java.time.Clock;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The whole server. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@EnableJpaRepositories(considerNestedRepositories = true)
public class Application implements WebMvcConfigurer {

    /** How many reports are kept for when the same is handed in again. */
    private static final int REPORTS = 1_000;

    /** The one place that time comes from. */
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    /** @param checkers how many checks at a time; 0 for as many as there are cores */
    @Bean(destroyMethod = "close")
    CheckDispatcher dispatcher(@Value("${hausaufgabe.checkers}") int checkers) {
        int cores = Runtime.getRuntime().availableProcessors();
        return new RememberedReports(new CheckerPool(checkers > 0 ? checkers : cores), REPORTS);
    }

    /** Begins checks, one after the other, beside whoever asks for them. */
    @Bean(destroyMethod = "shutdownNow")
    ExecutorService deskWork() {
        return Executors.newSingleThreadExecutor(work -> {
            Thread t = new Thread(work, "check-desk");
            t.setDaemon(true);
            return t;
        });
    }

    /** Addresses of the web application's own pages all lead to it. */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String page : new String[] {
            "/",
            "/sign-in",
            "/welcome",
            "/accounts",
            "/password",
            "/courses/**",
            "/exercises/**",
            "/submissions/**",
            "/patterns/**"
        }) {
            registry.addViewController(page).setViewName("forward:/index.html");
        }
    }
}
