package hausaufgabe.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;

/** The server on a real H2 in memory, with a dispatcher of the test's own in place of checker processes. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        classes = Application.class,
        properties = {"spring.datasource.url=jdbc:h2:mem:${random.uuid}", "hausaufgabe.demo=none"})
@AutoConfigureMockMvc
@Import(Harbour.class)
public @interface ServerTest {}
