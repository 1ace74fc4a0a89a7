package hausaufgabe.server;

import java.time.Clock;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.jms.JmsAutoConfiguration;
import org.springframework.boot.autoconfigure.jms.activemq.ActiveMQAutoConfiguration;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The whole server. */
@SpringBootApplication(
        exclude = {
            UserDetailsServiceAutoConfiguration.class,
            // brokers are a matter of dispatch
            ActiveMQAutoConfiguration.class,
            JmsAutoConfiguration.class
        })
@EnableJpaRepositories(considerNestedRepositories = true)
public class Application implements WebMvcConfigurer {

    /** The one place that time comes from. */
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
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
            "/programs",
            "/courses/**",
            "/exercises/**",
            "/submissions/**",
            "/patterns/**"
        }) {
            registry.addViewController(page).setViewName("forward:/index.html");
        }
    }
}
