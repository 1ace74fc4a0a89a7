package hausaufgabe.server.demo;

import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.core.grading.Scale;
import hausaufgabe.core.grading.Scheme;
import hausaufgabe.server.Greeting;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.exercise.Manuscripts;
import hausaufgabe.server.grade.Schemes;
import hausaufgabe.server.review.Reviews;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * The harbour school of Nordhafen: a course, 48 students, six staff, its exercises and some 300 attempts, checked for real
 * at the first start. All people are made up. Does nothing where there are records already.
 */
@Component
@ConditionalOnProperty(name = "hausaufgabe.demo", havingValue = "true")
class DemoData implements Greeting {

    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final String PASSWORD = "nordhafen";
    /** The number of the student one can be. */
    private static final String STUDENT = "20261001";

    /** What is handed in for the first exercises, in their order. */
    private static final List<String> PATTERNS = List.of("strategy", "observer", "composite", "visitor", "singleton");
    /** How many attempts of a hundred are followed by another of the same student. */
    private static final int SECOND = 40;

    /** Which exercise, counted from 0, is to be solved in small steps. */
    private static final int IN_STEPS = 7;

    private static final ZoneId NORDHAFEN = ZoneId.of("Europe/Berlin");
    /** Days that are left for the exercise that is being worked on. */
    private static final int WORKED_ON = 6;

    /** Who handed in what, and how long before the hour it was due. */
    private record Piece(int student, String folder, Duration early) {}

    private static final List<Piece> PIECES = List.of(
            new Piece(0, "01-three-rules", Duration.ofHours(49)),
            new Piece(5, "20-switch-stayed", Duration.ofHours(30)),
            new Piece(9, "02-gebuehren-setter", Duration.ofHours(27)),
            new Piece(14, "21-makes-its-own", Duration.ofHours(20)),
            new Piece(21, "03-rule-as-argument", Duration.ofHours(5)),
            new Piece(26, "06-enum-tariffs", Duration.ofHours(3)),
            new Piece(33, "22-never-called", Duration.ofMinutes(25)),
            new Piece(40, "05-tariff-table", Duration.ofMinutes(-40)));

    private final Accounts accounts;
    private final Courses courses;
    private final Staffing staffing;
    private final Manuscripts manuscripts;
    private final Submissions submissions;
    private final Reviews reviews;
    private final Schemes schemes;
    private final Clock clock;
    private final int attempts;
    private final FirstStart firstStart;
    private boolean first;

    DemoData(
            Accounts accounts,
            Courses courses,
            Staffing staffing,
            Manuscripts manuscripts,
            Submissions submissions,
            Reviews reviews,
            Schemes schemes,
            Clock clock,
            @Value("${hausaufgabe.demo-attempts:300}") int attempts,
            @Value("${hausaufgabe.data}") Path data) {
        this.accounts = accounts;
        this.courses = courses;
        this.staffing = staffing;
        this.manuscripts = manuscripts;
        this.submissions = submissions;
        this.reviews = reviews;
        this.schemes = schemes;
        this.clock = clock;
        this.attempts = attempts;
        this.firstStart = new FirstStart(data);
    }

    @Override
    public List<String> lines(String address) {
        List<String> lines = new ArrayList<>(List.of(
                "  sign in as  maike  (course lead)   password  " + PASSWORD,
                "          or  jonte  (tutor)         password  " + PASSWORD,
                "          or  " + STUDENT + "  (student)   password  " + PASSWORD));
        if (first && attempts > PIECES.size()) {
            lines.add("  Some " + attempts + " attempts are being checked in the background, this first time only;"
                    + " the pages of the exercises show how far that is.");
        }
        return lines;
    }

    @EventListener(ApplicationReadyEvent.class)
    void fill() throws IOException {
        if (!accounts.isEmpty()) {
            return;
        }
        first = true;
        firstStart.begin();
        Person lead = accounts.create("maike", "Maike Thiede", PASSWORD, Person.Role.LEAD);
        Person tutor = accounts.create("jonte", "Jonte Harmsdeich", PASSWORD, Person.Role.TUTOR);
        Courses.Heading course = courses.create("Software Design II", "autumn term", NORDHAFEN);
        staffing.give(course.id(), lead.id(), Duty.LEAD);
        looksAfter(course, tutor.id(), "A");
        looksAfter(course, staff("Inken Bojer"), "B");
        looksAfter(course, staff("Nis Petersdeich"), "C");
        looksAfter(course, staff("Antje Kliffsand"), "D");
        staffing.give(course.id(), staff("Onno Reepmaker"), Duty.READER);
        List<Student> students = enrol(course);
        Student one = students.get(0);
        courses.signsInAs(
                one.id(),
                accounts.create(one.number(), one.name(), PASSWORD, Person.Role.STUDENT)
                        .id());
        ZonedDateTime today = ZonedDateTime.now(clock.withZone(NORDHAFEN));
        LocalDateTime evening = today.toLocalDate().atTime(20, 0);
        List<ExerciseFolder> folders = DemoExercises.all();
        // one to be marked, one that is being worked on, the others still to be opened
        Exercises.Version exercise =
                manuscripts.open(course.id(), DemoExercises.due(folders.get(0), evening.minusDays(1)), lead);
        List<Exercises.Version> open = new ArrayList<>(List.of(exercise));
        open.add(manuscripts.open(course.id(), DemoExercises.due(folders.get(1), evening.plusDays(WORKED_ON)), lead));
        int ahead = attempts > PIECES.size() ? PATTERNS.size() : open.size();
        for (int i = 2; i < folders.size(); i++) {
            // one in small steps is there to be pushed to
            if (i < ahead || i == IN_STEPS) {
                open.add(manuscripts.open(
                        course.id(),
                        DemoExercises.due(folders.get(i), evening.plusDays(WORKED_ON + 7L * (i - 1))),
                        lead));
            } else {
                manuscripts.begin(course.id(), folders.get(i), lead);
            }
        }
        schemes.write(course.id(), scheme(open), Schemes.UNWRITTEN, lead);
        Map<String, Map<String, Map<String, byte[]>>> work = work();
        Instant due = exercise.dueAt().orElseThrow();
        List<HandedIn> taken = new ArrayList<>();
        for (Piece p : PIECES) {
            taken.add(submissions.handIn(
                    exercise.exerciseId(),
                    students.get(p.student()).id(),
                    work.get("strategy").get(p.folder()),
                    tutor.id(),
                    due.minus(p.early())));
        }
        int left = attempts - PIECES.size();
        for (int i = 0; i < ahead && attempts > PIECES.size(); i++) {
            left -= handIn(open.get(i), work.get(PATTERNS.get(i)), students, i == 0, tutor, left);
        }
        firstStart.end();
        Thread marking = new Thread(() -> mark(taken, tutor), "demo-marking");
        marking.setDaemon(true);
        marking.start();
    }

    /** The first exercises count by their points, the best but one of them; and a scale of numbers. */
    private static Scheme scheme(List<Exercises.Version> open) {
        List<Long> all = open.stream().map(Exercises.Version::exerciseId).toList();
        return new Scheme(
                List.of(new Scheme.Portion(
                        "Exercises",
                        BigDecimal.ONE,
                        all,
                        Math.max(1, all.size() - 1),
                        false,
                        false,
                        BigDecimal.valueOf(40))),
                1,
                Scheme.Direction.NEAREST,
                new Scale(Stream.of("90 1.0", "80 2.0", "65 3.0", "50 4.0", "0 5.0")
                        .map(s -> s.split(" "))
                        .map(s -> new Scale.GradeStep(new BigDecimal(s[0]), s[1], !"0".equals(s[0])))
                        .toList()));
    }

    private List<Student> enrol(Courses.Heading course) {
        List<Student> students = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader in = new InputStreamReader(open("demo/students.csv"), StandardCharsets.UTF_8)) {
            for (CSVRecord r : format.parse(in)) {
                students.add(
                        courses.enrol(course.id(), new Student(0, r.get("number"), r.get("name"), r.get("group"))));
            }
            return students;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Two submissions that the tutor has already marked, once their checks are over. */
    private void mark(List<HandedIn> taken, Person tutor) {
        try {
            HandedIn first = checked(taken.get(0).id());
            reviews.writeFeedback(
                    first.id(),
                    "The office asks its rule and nothing else. A fourth way of charging is one new class; well done.\n\n"
                            + "*To think about:* what should happen when the rule is `null`?",
                    reviews.view(first).version(),
                    tutor);
            reviews.settle(first.id(), true, true, reviews.view(first).version(), tutor);

            HandedIn second = checked(taken.get(1).id());
            reviews.decide(
                    second.id(),
                    "requirement:delegates",
                    1,
                    "Only ships of an unknown kind ever reach the strategy.",
                    reviews.view(second).version(),
                    tutor);
            reviews.writeFeedback(
                    second.id(),
                    "You have the classes, and the `switch` still does their work. What happens when the council raises the fee "
                            + "for yachts: how many places change? Move each `case` into its class and let `fee` only delegate.",
                    reviews.view(second).version(),
                    tutor);
            reviews.settle(second.id(), true, true, reviews.view(second).version(), tutor);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException e) {
            LOG.error("the demo's marks could not be given", e);
        }
    }

    private HandedIn checked(long id) throws InterruptedException {
        HandedIn s = submissions.get(id);
        while (s.state() != HandedIn.State.CHECKED) {
            if (s.state() == HandedIn.State.FAILED) {
                throw new IllegalStateException("submission " + id + ": " + s.failure());
            }
            Thread.sleep(100);
            s = submissions.get(id);
        }
        return s;
    }

    /** By pattern and name what students may hand in. */
    private static Map<String, Map<String, Map<String, byte[]>>> work() {
        String root = "demo/submissions/";
        Map<String, Map<String, Map<String, byte[]>>> work = new TreeMap<>();
        try {
            for (Resource r :
                    new PathMatchingResourcePatternResolver().getResources("classpath*:" + root + "**/*.java")) {
                String url = r.getURL().toString();
                String[] path = url.substring(url.indexOf(root) + root.length()).split("/", 3);
                try (InputStream in = r.getInputStream()) {
                    work.computeIfAbsent(path[0], p -> new TreeMap<>())
                            .computeIfAbsent(path[1], n -> new TreeMap<>())
                            .put(path[2], in.readAllBytes());
                }
            }
            others(work);
            return work;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What others wrote in other languages, by what its folder's name begins with. */
    private static void others(Map<String, Map<String, Map<String, byte[]>>> work) throws IOException {
        String root = "demo/others/";
        for (Resource r : new PathMatchingResourcePatternResolver().getResources("classpath*:" + root + "**/*.*")) {
            String url = r.getURL().toString();
            String[] path = url.substring(url.indexOf(root) + root.length()).split("/", 2);
            Optional<String> pattern = PATTERNS.stream()
                    .filter(p -> path.length == 2 && path[0].startsWith(p))
                    .findFirst();
            if (pattern.isPresent()) {
                String ending = path[1].substring(path[1].lastIndexOf('.'));
                try (InputStream in = r.getInputStream()) {
                    work.get(pattern.get())
                            .computeIfAbsent(path[0] + ending.replaceFirst("^\\.[mc]", "."), n -> new TreeMap<>())
                            .put(path[1], in.readAllBytes());
                }
            }
        }
    }

    /**
     * Everybody's attempts at an exercise, no two alike; the student one can be has nothing handed in yet.
     *
     * @param most how many at most
     * @return how many there were
     */
    private int handIn(
            Exercises.Version exercise,
            Map<String, Map<String, byte[]>> work,
            List<Student> students,
            boolean first,
            Person tutor,
            int most) {
        List<Integer> busy = first ? PIECES.stream().map(Piece::student).toList() : List.of(0);
        List<String> used = first ? PIECES.stream().map(Piece::folder).toList() : List.of();
        SourceFiles taken = SourceFiles.of(exercise.settings().languages());
        List<Map<String, byte[]>> left = work.entrySet().stream()
                .filter(e -> !used.contains(e.getKey()))
                .filter(e -> e.getValue().keySet().stream().anyMatch(taken))
                .map(Map.Entry::getValue)
                .collect(Collectors.toCollection(ArrayList::new));
        // always the same demo
        Random chance = new Random(exercise.number() + work.size());
        Collections.shuffle(left, chance);
        Instant now = Instant.now(clock);
        Instant until = exercise.dueAt().filter(d -> d.isBefore(now)).orElse(now);
        int all = left.size();
        for (int i = 0; i < students.size() && !left.isEmpty() && all - left.size() < most; i++) {
            if (busy.contains(i)) {
                continue;
            }
            Duration early = Duration.ofMinutes(20 + chance.nextInt(4_000));
            submissions.handIn(
                    exercise.exerciseId(), students.get(i).id(), left.remove(0), tutor.id(), until.minus(early));
            if (chance.nextInt(100) < SECOND && !left.isEmpty()) {
                submissions.handIn(
                        exercise.exerciseId(),
                        students.get(i).id(),
                        left.remove(0),
                        tutor.id(),
                        until.minus(early.dividedBy(3)));
            }
        }
        return all - left.size();
    }

    private void looksAfter(Courses.Heading course, long account, String group) {
        staffing.give(course.id(), account, Duty.TUTOR);
        staffing.lookAfter(course.id(), account, List.of(group));
    }

    private long staff(String name) {
        return accounts.create(name.split(" ")[0].toLowerCase(Locale.ROOT), name, PASSWORD, Person.Role.TUTOR)
                .id();
    }

    private static InputStream open(String resource) {
        return DemoData.class.getClassLoader().getResourceAsStream(resource);
    }
}
