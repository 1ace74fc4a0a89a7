package hausaufgabe.server.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.server.Application;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicBoolean;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The records lie on a disk that is full for a while. */
class DiskFullTest {

    private static final AtomicBoolean FULL = new AtomicBoolean();

    @TempDir
    private Path folder;

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private String address;

    @AfterEach
    void room() {
        FULL.set(false);
    }

    /** The machine's disk, but for one that takes nothing while it is full. */
    public static final class SmallDisk extends FilePathWrapper {

        @Override
        public String getScheme() {
            return "small";
        }

        @Override
        public FileChannel open(String mode) throws IOException {
            FileChannel kept = super.open(mode);
            return new FileBaseDefault() {

                private void needsRoom() throws IOException {
                    if (FULL.get()) {
                        throw new IOException("No space left on device");
                    }
                }

                @Override
                public int write(ByteBuffer from, long position) throws IOException {
                    needsRoom();
                    return kept.write(from, position);
                }

                @Override
                public int read(ByteBuffer to, long position) throws IOException {
                    return kept.read(to, position);
                }

                @Override
                public long size() throws IOException {
                    return kept.size();
                }

                @Override
                protected void implTruncate(long size) throws IOException {
                    kept.truncate(size);
                }

                @Override
                public void force(boolean metadata) throws IOException {
                    needsRoom();
                    kept.force(metadata);
                }

                @Override
                public java.nio.channels.FileLock tryLock(long position, long size, boolean shared) throws IOException {
                    return kept.tryLock(position, size, shared);
                }

                @Override
                protected void implCloseChannel() throws IOException {
                    kept.close();
                }
            };
        }
    }

    private ConfigurableApplicationContext server() {
        ConfigurableApplicationContext server = SpringApplication.run(
                Application.class,
                "--spring.datasource.url=jdbc:h2:small:"
                        + folder.toAbsolutePath().resolve("records") + ";DB_CLOSE_ON_EXIT=FALSE;WRITE_DELAY=0",
                "--hausaufgabe.data=" + folder,
                "--hausaufgabe.demo=none",
                "--hausaufgabe.checkers=0",
                "--server.port=0");
        address = "http://localhost:" + server.getEnvironment().getProperty("local.server.port");
        return server;
    }

    private HttpResponse<String> post(String path, String json) throws Exception {
        http.send(HttpRequest.newBuilder(URI.create(address + "/api/session")).build(), BodyHandlers.ofString());
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(c -> c.getValue())
                .findFirst()
                .orElseThrow();
        return http.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .POST(BodyPublishers.ofString(json))
                        .build(),
                BodyHandlers.ofString());
    }

    private HttpResponse<String> answer(String path) throws Exception {
        return http.send(HttpRequest.newBuilder(URI.create(address + path)).build(), BodyHandlers.ofString());
    }

    private int courses() throws Exception {
        return JsonPath.read(answer("/api/courses").body(), "$.length()");
    }

    @Test
    void whatCannotBeWrittenIsSaidAndNothingOfItStays() throws Exception {
        FilePath.register(new SmallDisk());
        try (ConfigurableApplicationContext server = server()) {
            server.getBean(Accounts.class).create("maike", "Maike Thiede", "nordhafen", Person.Role.LEAD);
            assertEquals(
                    200,
                    post("/api/session", "{\"login\":\"maike\",\"password\":\"nordhafen\"}")
                            .statusCode());
            assertEquals(201, post("/api/courses", "{\"title\":\"Before\"}").statusCode());

            FULL.set(true);
            for (int i = 0; i < 3; i++) {
                HttpResponse<String> refused = post("/api/courses", "{\"title\":\"Lost\"}");
                assertEquals(507, refused.statusCode(), refused.body());
                assertTrue(refused.body().contains("Nothing was stored"), refused.body());
            }

            FULL.set(false);
            // the records are opened anew by whoever asks next; those who ask all the time, too
            for (int i = 0; i < 50 && answer("/api/courses").statusCode() != 200; i++) {
                Thread.sleep(100);
            }
            assertEquals(1, courses());
            assertEquals(201, post("/api/courses", "{\"title\":\"After\"}").statusCode());
            assertEquals(2, courses());
        }
        try (ConfigurableApplicationContext again = server()) {
            assertEquals(
                    200,
                    post("/api/session", "{\"login\":\"maike\",\"password\":\"nordhafen\"}")
                            .statusCode());
            assertEquals(2, courses(), "after a stop, too");
        }
    }
}
