package hausaufgabe.server;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.jayway.jsonpath.JsonPath;
import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.Lateness;
import hausaufgabe.core.exercise.Rounding;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.java.JavaLanguage;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Beginnings;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Manuscripts;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** A small course to test on, and a dispatcher that reads and matches at once, in this process. */
@TestConfiguration
public class Harbour {

    public static final String GOOD = """
            interface Fee { double of(double m); }
            class ByMetre implements Fee { public double of(double m) { return m * 2; } }
            class Flat implements Fee { public double of(double m) { return 7; } }
            class Office { private final Fee fee; Office(Fee fee) { this.fee = fee; } double bill(double m) { return fee.of(m); } }
            """;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Courses courses;

    @Autowired
    private Staffing staffing;

    @Autowired
    private Exercises exercises;

    @Autowired
    private Manuscripts manuscripts;

    private final AtomicBoolean breaks = new AtomicBoolean();
    public Person lead;
    public Person tutor;
    public List<Student> students;
    public Exercises.Line exercise;
    public long course;

    @Bean
    @Primary
    CheckDispatcher readingAtOnce() {
        Check check = new Check(
                new JavaLanguage(),
                isolation -> {
                    throw new IllegalStateException("nothing is run in this test");
                },
                List.of());
        return new CheckDispatcher() {
            // one at a time, as in a checker of its own
            @Override
            public synchronized CompletableFuture<CheckReport> submit(CheckRequest r, Consumer<String> progress) {
                if (breaks.getAndSet(false)
                        || r.sources().stream().anyMatch(s -> s.text().contains("BREAKS"))) {
                    return CompletableFuture.failedFuture(new CheckFailed("These sources broke the checker twice."));
                }
                CheckRequest structure =
                        new CheckRequest(r.pattern(), r.sources(), r.remarks(), r.pins(), true, r.isolation());
                return CompletableFuture.completedFuture(check.run(structure, progress));
            }

            @Override
            public synchronized CompletableFuture<ProgramOutline> outline(List<SourceFile> sources) {
                return CompletableFuture.completedFuture(check.outline(sources));
            }

            @Override
            public int capacity() {
                return 2;
            }

            @Override
            public void close() {
                // nothing was opened
            }
        };
    }

    /** In place of the desk's own thread, so that what is asked for is done when it returns. */
    @Bean
    @Primary
    @Qualifier("deskWork")
    Executor atOnce() {
        return Runnable::run;
    }

    /** How the exercise about berths is set, but for what a test changes. */
    public static ExerciseSettings settings(
            String due, Lateness late, ExerciseSettings.Attempts attempts, ExerciseSettings.Shown shows) {
        return new ExerciseSettings(
                "What a berth costs",
                ZoneId.of("UTC"),
                null,
                LocalDateTime.parse(due),
                late,
                Rounding.USUAL,
                attempts,
                shows,
                List.of(),
                Map.of(),
                ExerciseSettings.USUAL_LANGUAGES,
                Map.of());
    }

    private static ExerciseFolder berths(ExerciseSettings settings) {
        try {
            return Beginnings.folder(
                    settings, "Brief.", Catalogue.text("strategy").orElseThrow());
        } catch (ArchiveException e) {
            throw new IllegalStateException(e);
        }
    }

    private static ExerciseSettings usual() {
        return settings(
                "2030-01-01T20:00", Lateness.NONE, ExerciseSettings.Attempts.ANY, ExerciseSettings.Shown.NOTHING);
    }

    /** A course of a test's own, with an exercise that is open. */
    public record Place(long course, long exercise, List<Student> students) {}

    /** Makes a course that no other test changes, led by Maike, with Jonte to mark. */
    public Place place(Student... enrolled) {
        open();
        Courses.Heading made = courses.create("Course " + UUID.randomUUID(), List.of(enrolled));
        staffing.give(made.id(), lead.id(), Duty.LEAD);
        staffing.give(made.id(), tutor.id(), Duty.TUTOR);
        long opened = manuscripts.open(made.id(), berths(usual()), lead).exerciseId();
        return new Place(made.id(), opened, courses.students(made.id()));
    }

    /** Opens another exercise in the same course. */
    public long another(Place place) {
        return manuscripts.open(place.course(), berths(usual()), lead).exerciseId();
    }

    /** Puts a version with other settings in force. */
    public void change(Place place, ExerciseSettings settings) {
        manuscripts.put(
                place.exercise(),
                Map.of(ExerciseFolder.SETTINGS, berths(settings).files().get(ExerciseFolder.SETTINGS)),
                lead);
        manuscripts.putInForce(place.exercise(), "", lead);
    }

    /** The next check, whatever of, breaks its checker. */
    public void breakNext() {
        breaks.set(true);
    }

    /** Fills empty records once. */
    public void open() {
        if (lead != null) {
            return;
        }
        lead = accounts.create("maike", "Maike Thiede", "nordhafen", Person.Role.LEAD);
        tutor = accounts.create("jonte", "Jonte Harmsdeich", "nordhafen", Person.Role.TUTOR);
        Courses.Heading course = courses.create(
                "Software Design II",
                List.of(
                        new Student(0, "1", "Fenja Kogge", "A"),
                        new Student(0, "2", "=Tjark \"Quote\", Bojer", "B"),
                        new Student(0, "3", "Wiebke Sandvik", "A")));
        students = courses.students(course.id());
        staffing.give(course.id(), lead.id(), Duty.LEAD);
        staffing.give(course.id(), tutor.id(), Duty.TUTOR);
        this.course = course.id();
        exercise = exercises.line(
                manuscripts.open(course.id(), berths(usual()), lead).exerciseId());
    }

    public Student student(String number) {
        return students.stream()
                .filter(s -> s.number().equals(number))
                .findFirst()
                .orElseThrow();
    }

    public MockHttpSession signedIn(MockMvc http, String login) throws Exception {
        return signedIn(http, login, "nordhafen");
    }

    public MockHttpSession signedIn(MockMvc http, String login, String password) throws Exception {
        return (MockHttpSession) http.perform(post("/api/session")
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"login\":\"" + login + "\",\"password\":\"" + password + "\"}"))
                .andReturn()
                .getRequest()
                .getSession();
    }

    public ResultActions handIn(MockMvc http, MockHttpSession session, long student, String name, byte[] bytes)
            throws Exception {
        return http.perform(multipart("/api/exercises/" + exercise.id() + "/submissions")
                .file(new MockMultipartFile("files", name, "application/octet-stream", bytes))
                .param("student", String.valueOf(student))
                .session(session)
                .with(csrf()));
    }

    /** Hands in good sources for the first student of a course and gives the submission's id. */
    public long handedIn(MockMvc http, MockHttpSession session, Place place) throws Exception {
        return handedIn(http, session, place, place.students().get(0));
    }

    /** Hands in good sources for a student of a course and gives the submission's id. */
    public long handedIn(MockMvc http, MockHttpSession session, Place place, Student student) throws Exception {
        String body = http.perform(multipart("/api/exercises/" + place.exercise() + "/submissions")
                        .file(new MockMultipartFile(
                                "files", "Main.java", "text/plain", GOOD.getBytes(StandardCharsets.UTF_8)))
                        .param("student", String.valueOf(student.id()))
                        .session(session)
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return ((Number) JsonPath.read(body, "$.id")).longValue();
    }

    /** Hands in good sources and gives the submission's id. */
    public long handedIn(MockMvc http, MockHttpSession session, long student) throws Exception {
        String body = handIn(http, session, student, "Main.java", GOOD.getBytes(StandardCharsets.UTF_8))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return ((Number) JsonPath.read(body, "$.id")).longValue();
    }
}
