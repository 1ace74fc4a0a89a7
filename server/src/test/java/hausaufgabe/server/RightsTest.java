package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import java.net.URI;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Who may ask for what: every address of the server with every duty, against one table. */
@ServerTest
class RightsTest {

    /** Nobody, a student of the course, of another, and the staff: somebody of no course, reader, tutor, lead. */
    private static final List<String> WHO =
            List.of("nobody", "student", "stranger", "elsewhere", "reader", "tutor", "lead");

    /** By the beginning of an address who may come in, as a letter of each of them; the longest that fits says it. */
    private static final Map<String, String> DOORS = new TreeMap<>(Map.ofEntries(
            Map.entry("GET /api/session", "nobody student stranger elsewhere reader tutor lead"),
            Map.entry("POST /api/session", "nobody student stranger elsewhere reader tutor lead"),
            Map.entry("DELETE /api/session", "nobody student stranger elsewhere reader tutor lead"),
            Map.entry("DELETE /api/session/everywhere", "student stranger elsewhere reader tutor lead"),
            Map.entry("GET /api/session/tokens", "student stranger elsewhere reader tutor lead"),
            Map.entry("POST /api/session/tokens", "student stranger elsewhere reader tutor lead"),
            Map.entry("DELETE /api/session/tokens", "student stranger elsewhere reader tutor lead"),
            Map.entry("GET /api/session/factor", "student stranger elsewhere reader tutor lead"),
            Map.entry("POST /api/session/factor", "student stranger elsewhere reader tutor lead"),
            Map.entry("PUT /api/session/factor", "student stranger elsewhere reader tutor lead"),
            Map.entry("POST /api/session/factor/codes", "student stranger elsewhere reader tutor lead"),
            Map.entry("POST /api/session/factor/end", "student stranger elsewhere reader tutor lead"),
            Map.entry("PUT /api/session/password", "student stranger elsewhere reader tutor lead"),
            Map.entry("POST /api/links", "nobody student stranger elsewhere reader tutor lead"),
            Map.entry("GET /api/news", "student stranger elsewhere reader tutor lead"),
            Map.entry("GET /api/mine", "student stranger"),
            Map.entry("GET /api/exercises/{}/mine", "student"),
            Map.entry("POST /api/exercises/{}/mine", "student"),
            Map.entry("GET /api/submissions/{}/mine", "student"),
            Map.entry("POST /api/submissions/{}/mine", "student"),
            Map.entry("GET /api/accounts", "lead"),
            Map.entry("POST /api/accounts", "lead"),
            Map.entry("PUT /api/accounts", "lead"),
            Map.entry("DELETE /api/accounts", "lead"),
            Map.entry("POST /api/courses", "lead"),
            Map.entry("GET /api/courses", "elsewhere reader tutor lead"),
            Map.entry("GET /api/courses/{}", "reader tutor lead"),
            Map.entry("POST /api/courses/arriving", "lead"),
            Map.entry("GET /api/courses/{}/archive.zip", "lead"),
            Map.entry("GET /api/courses/{}/colleagues", "lead"),
            Map.entry("GET /api/courses/{}/students/{}", "lead"),
            Map.entry("PUT /api/courses/{}", "lead"),
            Map.entry("DELETE /api/courses/{}", "lead"),
            Map.entry("POST /api/courses/{}/remarks", "tutor lead"),
            Map.entry("PUT /api/courses/{}/remarks", "tutor lead"),
            Map.entry("DELETE /api/courses/{}/remarks", "tutor lead"),
            Map.entry("POST /api/courses/{}", "lead"),
            Map.entry("GET /api/exercises", "elsewhere reader tutor lead"),
            Map.entry("GET /api/exercises/{}", "reader tutor lead"),
            Map.entry("GET /api/exercises/{}/piles", "tutor lead"),
            Map.entry("POST /api/exercises/{}/piles", "tutor lead"),
            Map.entry("PUT /api/exercises/{}/piles", "tutor lead"),
            Map.entry("DELETE /api/exercises/{}/piles", "tutor lead"),
            Map.entry("POST /api/exercises/{}/submissions", "tutor lead"),
            Map.entry("POST /api/exercises/{}/answers", "tutor lead"),
            Map.entry("POST /api/exercises/{}/points", "tutor lead"),
            Map.entry("POST /api/exercises/{}/readers/next", "tutor lead"),
            Map.entry("PUT /api/exercises/{}/readers", "tutor lead"),
            Map.entry("DELETE /api/exercises/{}/answers", "tutor lead"),
            Map.entry("POST /api/exercises/{}", "lead"),
            Map.entry("PUT /api/exercises/{}", "lead"),
            Map.entry("DELETE /api/exercises/{}", "lead"),
            Map.entry("GET /api/submissions/{}", "reader tutor lead"),
            Map.entry("POST /api/submissions/{}", "tutor lead"),
            Map.entry("POST /api/submissions/{}/reading", "reader tutor lead"),
            Map.entry("PUT /api/submissions/{}", "tutor lead"),
            Map.entry("DELETE /api/submissions/{}", "tutor lead"),
            Map.entry("POST /api/notation", "elsewhere reader tutor lead"),
            Map.entry("GET /api/", "elsewhere reader tutor lead")));

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Staffing staffing;

    @Autowired
    private JdbcTemplate records;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping addresses;

    private final Map<String, MockHttpSession> sessions = new LinkedHashMap<>();
    private Harbour.Place place;
    private long submission;

    @BeforeEach
    void everybody() throws Exception {
        place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"));
        Harbour.Place other = harbour.place(new Student(0, "1", "Onno Krabbe", "A"));
        sessions.put("student", student(place));
        sessions.put("stranger", student(other));
        sessions.put("elsewhere", staff(null));
        sessions.put("reader", staff(Duty.READER));
        sessions.put("tutor", harbour.signedIn(http, "jonte"));
        sessions.put("lead", harbour.signedIn(http, "maike"));
        submission = harbour.handedIn(http, sessions.get("lead"), place);
    }

    private MockHttpSession student(Harbour.Place at) throws Exception {
        String login = "s" + UUID.randomUUID().toString().substring(0, 8);
        Person made = accounts.create(login, "Somebody " + login, "nordhafen", Person.Role.STUDENT);
        records.update(
                "update student set account_id = ? where id = ?",
                made.id(),
                at.students().get(0).id());
        return harbour.signedIn(http, login);
    }

    private MockHttpSession staff(Duty duty) throws Exception {
        String login = "t" + UUID.randomUUID().toString().substring(0, 8);
        Person made = accounts.create(login, "Somebody " + login, "nordhafen", Person.Role.TUTOR);
        if (duty != null) {
            staffing.give(place.course(), made.id(), duty);
        }
        return harbour.signedIn(http, login);
    }

    private static String door(String address) {
        String plain = address.replaceAll("\\{[^}]*}", "{}");
        return DOORS.entrySet().stream()
                .filter(d -> plain.equals(d.getKey())
                        || plain.startsWith(d.getKey() + (d.getKey().endsWith("/") ? "" : "/")))
                .reduce((a, b) -> a.getKey().length() > b.getKey().length() ? a : b)
                .map(Map.Entry::getValue)
                .orElse("");
    }

    private boolean comesIn(String method, String address, String who) throws Exception {
        String kind = address.replaceAll("^/api/([a-z]+).*", "$1");
        long id = switch (kind) {
            case "courses" -> place.course();
            case "exercises" -> place.exercise();
            case "accounts" -> 999_999;
            default -> submission;
        };
        // a number that is nobody's for what lies below, so that whoever may come in changes nothing
        URI to =
                URI.create(address.replaceFirst("\\{[^}]*}", String.valueOf(id)).replaceAll("\\{[^}]*}", "999999"));
        var asked = request(HttpMethod.valueOf(method), to).with(csrf());
        if (sessions.containsKey(who)) {
            asked.session(sessions.get(who));
        }
        int status = http.perform(asked).andReturn().getResponse().getStatus();
        return status != 401 && status != 403;
    }

    @Test
    void everyAddressLetsInWhomTheTableSays() throws Exception {
        List<String> wrong = new ArrayList<>();
        List<String> tried = new ArrayList<>();
        for (var mapping : addresses.getHandlerMethods().entrySet()) {
            for (String address : mapping.getKey().getPatternValues()) {
                for (RequestMethod method :
                        mapping.getKey().getMethodsCondition().getMethods()) {
                    String asked = method + " " + address;
                    // deleting the exercise, signing out and streams would change what the others are asked with
                    boolean lasts = List.of("DELETE /api/exercises/{id}", "GET /api/news")
                                    .contains(asked)
                            || asked.startsWith("DELETE /api/session");
                    if (!address.startsWith("/api/") || lasts) {
                        continue;
                    }
                    tried.add(asked);
                    List<String> may = List.of(door(asked).split(" "));
                    for (String who : WHO) {
                        if (comesIn(method.name(), address, who) != may.contains(who)) {
                            wrong.add(asked + " as " + who + (may.contains(who) ? " is refused" : " comes in"));
                        }
                    }
                }
            }
        }
        assertEquals(List.of(), wrong);
        assertEquals(true, tried.size() > 60, "only " + tried.size() + " addresses were found");
    }
}
