package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Import;

/** The real web server, spoken to as a browser would, and as none would. */
@SpringBootTest(
        classes = Application.class,
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:mem:${random.uuid}",
            "hausaufgabe.demo=none",
            "server.forward-headers-strategy=native",
            "server.tomcat.connection-timeout=1s"
        })
@Import(Harbour.class)
class WebServerTest {

    private final HttpClient http = HttpClient.newHttpClient();

    @LocalServerPort
    private int port;

    private HttpResponse<String> get(String path, String... headers) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void pagesSayWhatABrowserMayDoWithThem() throws Exception {
        HttpResponse<String> page = get("/sign-in");

        String policy = page.headers().firstValue("Content-Security-Policy").orElse("");
        for (String part :
                List.of("base-uri 'none'", "form-action 'self'", "object-src 'none'", "frame-ancestors 'none'")) {
            assertTrue(policy.contains(part), policy);
        }
        assertEquals("same-origin", page.headers().firstValue("Referrer-Policy").orElse(""));
        assertTrue(page.headers().firstValue("Permissions-Policy").orElse("").contains("camera=()"));
        assertTrue(page.headers().firstValue("Strict-Transport-Security").isEmpty());
    }

    @Test
    void behindAProxyThatSpeaksTlsCookiesAreForTlsOnly() throws Exception {
        HttpResponse<String> page = get("/sign-in", "X-Forwarded-Proto", "https", "X-Forwarded-For", "192.0.2.7");

        assertTrue(page.headers().firstValue("Strict-Transport-Security").isPresent());
        assertTrue(page.headers().allValues("Set-Cookie").stream().allMatch(c -> c.contains("Secure")));
        assertFalse(get("/sign-in").headers().allValues("Set-Cookie").stream().anyMatch(c -> c.contains("Secure")));
    }

    @Test
    void everyErrorHasTheSameFormAndNamesNoServer() throws Exception {
        for (String path : List.of("/no/such/page", "/api/no/such", "/api/session/x", "/%2e%2e/x", "/a;b=c/../d")) {
            assertProblem(path, get(path).body());
        }
        assertProblem("a verb", raw("FLY /sign-in HTTP/1.1\r\nHost: x\r\n\r\n"));
        assertProblem("no HTTP", raw("GET /[]{} HTTP/1.1\r\nHost: x\r\n\r\n"));
        assertProblem("a large header", raw("GET / HTTP/1.1\r\nHost: x\r\nX: " + "x".repeat(60_000) + "\r\n\r\n"));
        assertProblem("no host", raw("GET / HTTP/1.1\r\n\r\n"));
    }

    private static void assertProblem(String what, String answer) {
        assertTrue(answer.contains("\"detail\":\""), what + ": " + answer);
        assertFalse(answer.contains("Apache"), what + ": " + answer);
        assertFalse(answer.contains("<html"), what + ": " + answer);
    }

    @Test
    void aBodyThatIsTooLargeIsRefusedAlsoWhereItDoesNotSaySo() throws Exception {
        String text = "{\"login\":\"" + "x".repeat(400_000) + "\",\"password\":\"y\"}";

        HttpResponse<String> said = post(HttpRequest.BodyPublishers.ofString(text));
        HttpResponse<String> unsaid = post(HttpRequest.BodyPublishers.ofInputStream(
                () -> new java.io.ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8))));

        assertEquals(413, said.statusCode());
        assertEquals(413, unsaid.statusCode());
        assertTrue(unsaid.body().contains("larger than 256 KB"), unsaid.body());
    }

    private HttpResponse<String> post(HttpRequest.BodyPublisher body) throws Exception {
        String cookie = get("/sign-in").headers().firstValue("Set-Cookie").orElseThrow();
        String token = cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
        return http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/session"))
                        .header("Content-Type", "application/json")
                        .header("Cookie", "XSRF-TOKEN=" + token)
                        .header("X-XSRF-TOKEN", token)
                        .POST(body)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void requestsThatNeverEndKeepNobodyElseOut() throws Exception {
        List<Socket> half = new ArrayList<>();
        try {
            for (int i = 0; i < 300; i++) {
                Socket s = new Socket("127.0.0.1", port);
                String begun = i % 2 == 0
                        ? "GET /sign-in HTTP/1.1\r\nHost: x\r\nX-Half: "
                        : "POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: 500\r\n\r\n{";
                s.getOutputStream().write(begun.getBytes(StandardCharsets.UTF_8));
                s.getOutputStream().flush();
                half.add(s);
            }

            assertEquals(200, get("/api/session").statusCode());
        } finally {
            for (Socket s : half) {
                s.close();
            }
        }
    }

    private String raw(String request) throws IOException {
        try (Socket s = new Socket("127.0.0.1", port)) {
            s.setSoTimeout(20_000);
            s.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
            s.getOutputStream().flush();
            InputStream in = s.getInputStream();
            StringBuilder answer = new StringBuilder();
            byte[] some = new byte[4096];
            for (int n = in.read(some); n > 0 && !answer.toString().contains("}"); n = in.read(some)) {
                answer.append(new String(some, 0, n, StandardCharsets.UTF_8));
            }
            return answer.toString();
        }
    }
}
