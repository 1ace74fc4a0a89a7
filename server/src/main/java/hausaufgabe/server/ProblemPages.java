package hausaufgabe.server;

import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The one form of error (RFC 9457) for what never reaches a controller, what the web server refuses itself included. */
@Configuration
class ProblemPages {

    /** Writes a problem where nothing else has answered. */
    static void write(HttpServletResponse response, int status, String detail) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        HttpStatus known = HttpStatus.resolve(status);
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(known == null ? HttpStatus.INTERNAL_SERVER_ERROR : known, detail);
        byte[] body = new ObjectMapper()
                .writeValueAsString(new Told(problem.getTitle(), status, problem.getDetail()))
                .getBytes(StandardCharsets.UTF_8);
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
        response.flushBuffer();
    }

    /** A problem's members, as the standard names them. */
    record Told(String title, int status, String detail) {}

    static String sentence(int status) {
        return switch (status) {
            case 400 -> "The request could not be read.";
            case 404 -> "There is nothing at this address.";
            case 405 -> "This address cannot be used in that way.";
            case 413 -> "The request is too large.";
            case 414 -> "The address is too long.";
            case 431 -> "The request's headers are too large.";
            default ->
                status < 500
                        ? "The request was refused."
                        : "Something of ours failed. Try again, and tell the lead if it stays so.";
        };
    }

    /** What the servlet container could not answer. */
    @RestController
    static class Fallback implements ErrorController {

        @Hidden
        @RequestMapping("/error")
        ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
            Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
            int status = code instanceof Integer i ? i : 500;
            HttpStatus known = HttpStatus.resolve(status);
            return Problems.answer(known == null ? HttpStatus.INTERNAL_SERVER_ERROR : known, sentence(status));
        }
    }

    /** In place of the web server's own page, which names its version. */
    public static final class Valve extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                write(response.getResponse(), status, sentence(status));
            } catch (IOException | IllegalStateException e) {
                // whoever asked is gone
            }
        }
    }

    /** What the firewall in front of everything refuses, such as a method nobody knows. */
    @Bean
    RequestRejectedHandler refusals() {
        return (request, response, why) -> write(response, 400, sentence(400));
    }

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> problemsByTheServer() {
        return factory -> factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(Valve.class.getName());
            }
        });
    }
}
