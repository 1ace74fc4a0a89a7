package hausaufgabe.server.account;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.server.Problem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;

/** One person's use of a minute does not use up another's. */
class BoundedUseTest {

    private final BoundedUse bounded = new BoundedUse(3, 1);

    @BeforeEach
    @AfterEach
    void nobody() {
        SecurityContextHolder.clearContext();
    }

    private boolean admits(String method, String type) {
        MockHttpServletRequest request = new MockHttpServletRequest(method, "/api/somewhere");
        request.setContentType(type);
        return bounded.preHandle(request, new MockHttpServletResponse(), this);
    }

    private static void signIn(long id) {
        Person person = new Person(id, "maike", "Maike", Person.Role.LEAD, 0);
        SecurityContextHolder.getContext()
                .setAuthentication(new UsernamePasswordAuthenticationToken(person, null, java.util.List.of()));
    }

    @Test
    void changesAreCountedUploadsApartAndReadingIsNot() {
        signIn(1);
        for (int i = 0; i < 3; i++) {
            assertTrue(admits("PUT", "application/json"));
        }
        Problem refused = assertThrows(Problem.class, () -> admits("DELETE", null));
        assertEquals(HttpStatus.TOO_MANY_REQUESTS, refused.status());
        assertTrue(admits("GET", null));
        assertTrue(admits("POST", "multipart/form-data; boundary=x"));
        assertThrows(Problem.class, () -> admits("POST", "multipart/form-data; boundary=x"));
        signIn(2);
        assertTrue(admits("PUT", "application/json"));
        SecurityContextHolder.clearContext();
        assertTrue(admits("POST", "application/json"), "who is not signed in is bounded at the door");
    }
}
