package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** The web application's types are generated from {@code web/openapi.json}; it must say what the server does. */
@ServerTest
class ApiDescriptionTest {

    private static final Path KEPT = Path.of("../web/openapi.json");

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Test
    void theKeptDescriptionIsTheServersOwn() throws Exception {
        harbour.open();
        String served = http.perform(get("/api/description").session(harbour.signedIn(http, "maike")))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        ObjectMapper mapper = new ObjectMapper()
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS, SerializationFeature.INDENT_OUTPUT);
        String now = mapper.writeValueAsString(mapper.readValue(served, Object.class)) + "\n";
        if (Boolean.getBoolean("hausaufgabe.keep")) {
            Files.writeString(KEPT, now);
        }

        String kept = mapper.writeValueAsString(mapper.readValue(Files.readString(KEPT), Object.class)) + "\n";

        assertEquals(
                kept,
                now,
                "The API has changed. Keep the new description with: mvn -pl server -am test -Dtest=ApiDescriptionTest"
                        + " -Dsurefire.failIfNoSpecifiedTests=false -Dhausaufgabe.keep=true, then: cd web && npm run types");
    }
}
